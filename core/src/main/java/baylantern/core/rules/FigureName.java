package baylantern.core.rules;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Every figure of the data files by name. A file that lacks one, or holds another, is refused when it is read. */
public enum FigureName {
    // flushes, windows and the days before a graft
    SWELL_SHARE(Subject.FLUSH, "swellShare"),
    FARM_SPREAD(Subject.FLUSH, "farmSpread"),
    PLANT_SPREAD(Subject.FLUSH, "plantSpread"),
    CYCLE_SPREAD(Subject.FLUSH, "cycleSpread"),
    AUTUMN_REST(Subject.FLUSH, "autumnRest"),
    WINTER_PACE(Subject.FLUSH, "winterPace"),
    RIPENING_SPREAD(Subject.FLUSH, "ripeningSpread"),
    SHADE_DAYS(Subject.FLUSH, "shadeDays"),
    HOLD_DAYS(Subject.FLUSH, "holdDays"),
    WEATHER_RUNS(Subject.FLUSH, "weatherRuns"),
    PAST_LOOKS(Subject.FLUSH, "pastLooks"),
    HEALING_AHEAD(Subject.FLUSH, "healingAhead"),
    LIT_FROM(Subject.FLUSH, "litFrom"),
    LIT_CHANCE(Subject.FLUSH, "litChance"),
    LOW_FROM(Subject.FLUSH, "lowFrom"),
    HEAT(Subject.FLUSH, "heat"),
    HOT_DRY(Subject.FLUSH, "hotDry"),
    HEAVY_RAIN(Subject.FLUSH, "heavyRain"),
    RAIN_DAYS(Subject.FLUSH, "rainDays"),
    FROST_PER_C(Subject.FLUSH, "frostPerC"),
    HEAT_PER_C(Subject.FLUSH, "heatPerC"),
    DRY_PER_INDEX(Subject.FLUSH, "dryPerIndex"),
    RAIN_PER_MM(Subject.FLUSH, "rainPerMm"),
    LEAST_DANGER(Subject.FLUSH, "leastDanger"),
    PINCHED(Subject.FLUSH, "pinched"),
    TOPPED(Subject.FLUSH, "topped"),
    WORTH_DOING(Subject.FLUSH, "worthDoing"),
    SHELF_A(Subject.FLUSH, "shelfA"),
    SHELF_B(Subject.FLUSH, "shelfB"),
    SHELF_C(Subject.FLUSH, "shelfC"),
    FLOWER_DAYS(Subject.FLUSH, "flowerDays"),
    WATCHED_DAYS(Subject.FLUSH, "watchedDays"),
    LOOK_MINUTES(Subject.FLUSH, "lookMinutes"),
    WALK_MINUTES(Subject.FLUSH, "walkMinutes"),
    PINCH(Subject.FLUSH, "pinch"),
    TOP_STOCK(Subject.FLUSH, "topStock"),
    WATER(Subject.FLUSH, "water"),
    COLLECT(Subject.FLUSH, "collect"),
    SPARE(Subject.FLUSH, "spare"),

    // wood, its keeping, tests and cleaning
    COOL_BOX_C(Subject.WOOD, "coolBoxC"),
    FRIDGE_C(Subject.WOOD, "fridgeC"),
    AMBIENT_C(Subject.WOOD, "ambientC"),
    FAULT_ROOM(Subject.WOOD, "faultRoom"),
    KEEP_DOUBT(Subject.WOOD, "keepDoubt"),
    KEEP_LEARN_FROM(Subject.WOOD, "keepLearnFrom"),
    KEEP_SPREAD(Subject.WOOD, "keepSpread"),
    BARE_TIMES(Subject.WOOD, "bareTimes"),
    WATER_TIMES(Subject.WOOD, "waterTimes"),
    GOOD_SHARE(Subject.WOOD, "goodShare"),
    LAST_SHARE(Subject.WOOD, "lastShare"),
    WARN_DAYS(Subject.WOOD, "warnDays"),
    SAMPLE_SHARE(Subject.WOOD, "sampleShare"),
    LOOK_FROM(Subject.WOOD, "lookFrom"),
    BUDS_PER_STICK(Subject.WOOD, "budsPerStick"),
    TEST_DUE(Subject.WOOD, "testDue"),
    TEST_VALID(Subject.WOOD, "testValid"),
    REMIND(Subject.WOOD, "remind"),
    BLEACH_PARTS(Subject.WOOD, "bleachParts"),
    BLEACH_PCT(Subject.WOOD, "bleachPct"),
    BLEACH_HOURS(Subject.WOOD, "bleachHours"),
    BLEACH_SECONDS(Subject.WOOD, "bleachSeconds"),
    ALCOHOL_PCT(Subject.WOOD, "alcoholPct"),
    ALCOHOL_HOURS(Subject.WOOD, "alcoholHours"),

    // contact, choice of technique, pairing and limbs
    NEAR_MM(Subject.FIT, "nearMm"),
    BARK_SHARE(Subject.FIT, "barkShare"),
    BARK_LEAST_MM(Subject.FIT, "barkLeastMm"),
    SHOULDER_SHARE(Subject.FIT, "shoulderShare"),
    BACK_SHARE(Subject.FIT, "backShare"),
    TIP_SHARE(Subject.FIT, "tipShare"),
    TOOL_ANGLE(Subject.FIT, "toolAngle"),
    TONGUE_START(Subject.FIT, "tongueStart"),
    TONGUE_SHARE(Subject.FIT, "tongueShare"),
    NOTCH_SHARE(Subject.FIT, "notchShare"),
    FACE_SHARE(Subject.FIT, "faceShare"),
    FOOT_SHARE(Subject.FIT, "footShare"),
    SHIELD_MM(Subject.FIT, "shieldMm"),
    SHIELD_SHARE(Subject.FIT, "shieldShare"),
    CHIP_SHARE(Subject.FIT, "chipShare"),
    LIFT_SHARE(Subject.FIT, "liftShare"),
    SHOWING_MM(Subject.FIT, "showingMm"),
    TRY_TILT(Subject.FIT, "tryTilt"),
    CITRUS_LOWEST_MM(Subject.FIT, "citrusLowestMm"),
    SOIL_LOWEST_MM(Subject.FIT, "soilLowestMm"),
    SEEDLING_MOST_MM(Subject.FIT, "seedlingMostMm"),
    ROOM_MM(Subject.FIT, "roomMm"),
    REACH_MM(Subject.FIT, "reachMm"),
    TOP_MM(Subject.FIT, "topMm"),
    STRAY_MM(Subject.FIT, "strayMm"),
    BUD_WORTH(Subject.FIT, "budWorth"),
    WEIGHT_CONTACT(Subject.FIT, "weightContact"),
    WEIGHT_TAKE(Subject.FIT, "weightTake"),
    WEIGHT_SIZES(Subject.FIT, "weightSizes"),
    WEIGHT_HOLD(Subject.FIT, "weightHold"),
    WEIGHT_SKILL(Subject.FIT, "weightSkill"),
    WEIGHT_SEASON(Subject.FIT, "weightSeason"),
    WEIGHT_INSURANCE(Subject.FIT, "weightInsurance"),
    WEIGHT_WOOD(Subject.FIT, "weightWood"),
    TAKE_STRENGTH(Subject.FIT, "takeStrength"),
    TAKE_START(Subject.FIT, "takeStart"),
    HINDER(Subject.FIT, "hinder"),
    FAVOUR(Subject.FIT, "favour"),
    PAIR_LEAST(Subject.FIT, "pairLeast"),
    PAIR_SPOIL(Subject.FIT, "pairSpoil"),
    USUAL_SCION_MM(Subject.FIT, "usualScionMm"),
    SCION_EVERY_MM(Subject.FIT, "scionEveryMm"),
    MOST_SCIONS(Subject.FIT, "mostScions"),
    LIMB_THINNEST_MM(Subject.FIT, "limbThinnestMm"),
    LIMB_THICKEST_MM(Subject.FIT, "limbThickestMm"),
    THIRD_SHARE(Subject.FIT, "thirdShare"),

    // the life of a graft and counting takes
    ESTABLISHED_AFTER(Subject.LIFE, "establishedAfter"),
    PUSH_CLEFT(Subject.LIFE, "pushCleft"),
    PUSH_SIDE(Subject.LIFE, "pushSide"),
    PUSH_BUD(Subject.LIFE, "pushBud"),
    PUSH_APPROACH(Subject.LIFE, "pushApproach"),
    SOON_DAYS(Subject.LIFE, "soonDays"),
    APART_AGAIN(Subject.LIFE, "apartAgain"),
    GROWTH(Subject.LIFE, "growth"),
    WAIT_CLEFT(Subject.LIFE, "waitCleft"),
    WAIT_SIDE(Subject.LIFE, "waitSide"),
    WAIT_BUD(Subject.LIFE, "waitBud"),
    WAIT_APPROACH(Subject.LIFE, "waitApproach"),
    GIVE_UP_AT(Subject.LIFE, "giveUpAt"),
    LAPSE_DAYS(Subject.LIFE, "lapseDays"),
    CAUSE_STRENGTH(Subject.CAUSE, "causeStrength"),
    CAUSE_CAP(Subject.CAUSE, "causeCap"),
    CAUSE_MOST(Subject.CAUSE, "causeMost"),
    CAUSE_SHARED(Subject.CAUSE, "causeShared"),
    CAUSE_SPREAD(Subject.CAUSE, "causeSpread"),
    CAUSE_CONTACT_LOW(Subject.CAUSE, "causeContactLow"),
    CAUSE_CONTACT_GOOD(Subject.CAUSE, "causeContactGood"),
    CAUSE_WOOD_OLD(Subject.CAUSE, "causeWoodOld"),
    CAUSE_WOOD_FRESH(Subject.CAUSE, "causeWoodFresh"),
    CAUSE_RAIN_WET(Subject.CAUSE, "causeRainWet"),
    CAUSE_RAIN_DRY(Subject.CAUSE, "causeRainDry"),
    CAUSE_COOL(Subject.CAUSE, "causeCool"),
    FIRST_FRUIT(Subject.LIFE, "firstFruit"),
    SMALL_POT(Subject.LIFE, "smallPot"),
    FLOOD_ODDS(Subject.LIFE, "floodOdds"),
    FORESEEN_DAYS(Subject.LIFE, "foreseenDays"),
    STORM_MS(Subject.LIFE, "stormMs"),
    DIES_BY(Subject.LIFE, "diesBy"),
    TOLD_STRENGTH(Subject.LIFE, "toldStrength"),
    THIN_UNDER(Subject.LIFE, "thinUnder"),
    RANGE_MASS(Subject.LIFE, "rangeMass"),
    KIN_STRENGTH(Subject.LIFE, "kinStrength"),
    KIN_SPREAD(Subject.LIFE, "kinSpread"),
    DAY_SPREAD(Subject.LIFE, "daySpread"),
    DAY_FREELY(Subject.LIFE, "dayFreely"),
    OCCASION_STRENGTH(Subject.LIFE, "occasionStrength"),

    // the graft day: how long things take, and what a day holds
    CUT_BUD_S(Subject.DAY, "cutBudS"),
    CUT_STICK_S(Subject.DAY, "cutStickS"),
    WRAP_BUD_S(Subject.DAY, "wrapBudS"),
    WRAP_STICK_S(Subject.DAY, "wrapStickS"),
    PREPARE_S(Subject.DAY, "prepareS"),
    LABEL_S(Subject.DAY, "labelS"),
    PACE_SHAPE(Subject.DAY, "paceShape"),
    PACE_STRENGTH(Subject.DAY, "paceStrength"),
    PAUSE_TIMES(Subject.DAY, "pauseTimes"),
    CLEAN_MINUTES(Subject.DAY, "cleanMinutes"),
    STEP_MINUTES(Subject.DAY, "stepMinutes"),
    FACE_MINUTES(Subject.DAY, "faceMinutes"),
    DAY_HOURS(Subject.DAY, "dayHours"),
    TAPE_WIDTH_MM(Subject.DAY, "tapeWidthMm"),
    TAPE_OVERLAP(Subject.DAY, "tapeOverlap"),
    TAPE_MARGIN_MM(Subject.DAY, "tapeMarginMm"),
    TAPE_REST_MM(Subject.DAY, "tapeRestMm"),
    SCION_MM(Subject.DAY, "scionMm"),
    CLEAN_ML(Subject.DAY, "cleanMl"),
    SPARE_SHARE(Subject.DAY, "spareShare"),

    // what moves take
    GAIN_LEAST(Subject.FACT, "gainLeast"),
    GAIN_RARER(Subject.FACT, "gainRarer"),
    GAIN_THIN(Subject.FACT, "gainThin"),
    GAIN_SPREAD(Subject.FACT, "gainSpread"),
    GAIN_FREELY(Subject.FACT, "gainFreely"),
    GAIN_SURE(Subject.FACT, "gainSure"),
    GAIN_LAST(Subject.FACT, "gainLast"),
    DUEL_POWER(Subject.FACT, "duelPower"),
    DUEL_MOST(Subject.FACT, "duelMost"),
    STAGE_DAYS(Subject.FACT, "stageDays"),
    TRIAL_ALARM(Subject.FACT, "trialAlarm"),
    TRIAL_POWER(Subject.FACT, "trialPower"),
    TRIAL_READINGS(Subject.FACT, "trialReadings"),
    TRIAL_MOST(Subject.FACT, "trialMost"),

    // what differs from species to species
    BASE(Subject.SPECIES, "base"),
    UPPER(Subject.SPECIES, "upper"),
    HEALING_LEAST(Subject.SPECIES, "healingLeast"),
    HEALING_BEST(Subject.SPECIES, "healingBest"),
    HEALING_MOST(Subject.SPECIES, "healingMost"),
    COLD_LIMIT(Subject.SPECIES, "coldLimit"),
    FLUSHES(Subject.SPECIES, "flushes"),
    SWELL_TO_SWELL(Subject.SPECIES, "swellToSwell"),
    WINTER_HOLD(Subject.SPECIES, "winterHold");

    /** What a figure is about, and so the file it stands in. */
    public enum Subject {
        FLUSH,
        WOOD,
        FIT,
        LIFE,
        DAY,
        CAUSE,
        FACT,
        SPECIES,
        /** Rows of visits: they have no name of their own, nor have those that follow. */
        VISIT,
        /** What each bud stage is worth. */
        STAGE,
        /** How a stick is judged. */
        STICK,
        /** How long wood keeps. */
        KEEPING,
        /** The sizes of techniques. */
        TECHNIQUE,
        /** What techniques ask and give. */
        TRAIT,
        /** How much causes, signs and circumstances weigh. */
        WEIGHT
    }

    private final Subject subject;
    private final String key;

    FigureName(Subject subject, String key) {
        this.subject = subject;
        this.key = key;
    }

    /** What it is about. */
    public Subject subject() {
        return subject;
    }

    /** As the data file calls it. */
    public String key() {
        return key;
    }

    /** The figure among those of its subject; there always is one, since they were checked when read. */
    Figure in(Map<String, Figure> figures) {
        Figure figure = figures.get(key);
        if (figure == null) {
            throw new IllegalArgumentException(key + " is no figure of these: " + figures.keySet());
        }
        return figure;
    }

    /** Requires just the figures of a subject. */
    static Map<String, Figure> checked(Subject subject, Map<String, Figure> figures) {
        Set<String> wanted = Arrays.stream(values())
                .filter(name -> name.subject == subject)
                .map(FigureName::key)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (wanted.equals(figures.keySet())) {
            return figures;
        }
        Set<String> odd = new LinkedHashSet<>(wanted);
        odd.removeAll(figures.keySet());
        Set<String> strange = new LinkedHashSet<>(figures.keySet());
        strange.removeAll(wanted);
        throw new IllegalArgumentException(
                "figures of " + subject + ": missing " + odd + ", not known " + strange + "; valid are " + wanted);
    }
}
