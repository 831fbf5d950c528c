package baylantern.e2e;

import java.util.List;

/** Every page of the demo farm. */
final class Routes {

    static final List<String> EVERYWHERE = List.of(
            "/today",
            "/flush",
            "/flush/TE-M1",
            "/wood",
            "/wood/check",
            "/wood/lot/TE-26-W04",
            "/wood/shoots",
            "/wood/sources",
            "/wood/stores",
            "/wood/cleaning",
            "/fit",
            "/fit/pairing",
            "/fit/prepared",
            "/fit/limbs",
            "/bench",
            "/rounds",
            "/rounds/walks",
            "/takes",
            "/takes/letter",
            "/takes/trials",
            "/trees",
            "/trees?tab=varieties",
            "/lineage",
            "/lineage/PLANT-11",
            "/lineage/recall",
            "/lineage/recall/2",
            "/rules",
            "/farm",
            "/farm/weather",
            "/farm/notebook",
            "/farm/phones",
            "/graft/CB-26-001",
            "/done",
            "/done/kept");

    /** What is read out of doors, in the sun. */
    static final List<String> IN_THE_FIELD = List.of(
            "/today",
            "/flush",
            "/flush/TE-M1",
            "/wood",
            "/wood/check",
            "/wood/shoots",
            "/wood/cleaning",
            "/fit",
            "/fit/limbs",
            "/bench",
            "/rounds",
            "/rounds/walks",
            "/trees",
            "/graft/CB-26-001");

    private Routes() {}
}
