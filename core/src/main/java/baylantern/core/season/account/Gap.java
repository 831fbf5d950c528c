package baylantern.core.season.account;

/**
 * From one swell of a tree to the next: warmth in degree-days, days, and the variances of their logs that come from not
 * knowing the days.
 */
record Gap(long plant, TreeRecord.Seen from, TreeRecord.Seen to, double warmth, double warmthVariance) {

    static Gap of(long plant, TreeRecord.Seen from, TreeRecord.Seen to, SkyDays past) {
        double warmth = past.warmth(to.day()) - past.warmth(from.day());
        double blur = square(past.warmth(from.by()) - past.warmth(from.after()))
                + square(past.warmth(to.by()) - past.warmth(to.after()));
        return new Gap(plant, from, to, warmth, blur / 12 / square(warmth));
    }

    double days() {
        return to.day() - from.day();
    }

    double daysVariance() {
        return (square(from.by() - from.after()) + square(to.by() - to.after())) / 12 / square(days());
    }

    private static double square(double x) {
        return x * x;
    }
}
