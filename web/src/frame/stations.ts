/** Stations in working order. A station keeps its digit for good, also while others are not there yet. */
export const STATIONS = [
  { digit: "1", name: "Today", path: "/today" },
  { digit: "2", name: "Flush", path: "/flush" },
  { digit: "3", name: "Wood", path: "/wood" },
  { digit: "4", name: "Fit", path: "/fit" },
  { digit: "5", name: "Bench", path: "/bench" },
  { digit: "6", name: "Rounds", path: "/rounds" },
  { digit: "7", name: "Takes", path: "/takes" },
  { digit: "9", name: "Trees", path: "/trees" },
  { digit: "0", name: "Lineage", path: "/lineage" },
  { digit: "", name: "Rules", path: "/rules" },
];

/** The keys of each station, as the key help shows them. */
export const KEYS: Record<string, [string, string][]> = {
  "/rounds": [
    ["G S P L N D M", "green, swelling, pushed, leafed, nothing yet, dead, missing"],
    ["F W O", "first flush firm, second wave, planted out"],
    ["↑ ↓", "next or last graft on the walk"],
    ["Space", "mark it, to answer several at once"],
    ["A", "mark all of the same errand"],
    ["Enter", "open its sheet"],
  ],
  "/flush": [
    ["↑ ↓", "next or last tree"],
    ["N", "note a stage of the tree chosen; then R S P F H M"],
    ["D", "think about a graft day"],
    ["← →", "move the graft day by a day, with Shift by a week"],
    ["Z", "a season or the year"],
    ["T", "read as table"],
    ["Esc", "close the sheet"],
  ],
  "/wood": [
    ["↑ ↓", "next or last lot"],
    ["C", "collect or receive a lot"],
    ["K", "check a stick"],
    ["Esc", "close the sheet"],
  ],
  "/fit/pairing": [
    ["← →", "next or last pair"],
    ["C", "the calliper"],
    ["Esc", "choose none"],
  ],
  "/fit": [
    ["← →", "the stick sideways by 0.1 mm, with Shift by 0.5"],
    ["↑ ↓", "the cut along the stem by 5 mm, with Shift by 25"],
    ["J K", "tilt to the left, to the right"],
    ["N M", "a shorter, a longer cut"],
    ["B", "lay it where most meets"],
    ["W", "another way to cut it"],
    ["C", "the calliper"],
    ["T", "read as table"],
  ],
  "/lineage": [
    ["← →", "to where it came from, to where it went"],
    ["↑ ↓", "next or last in its column"],
    ["Enter", "look around from there"],
    ["T", "read as table"],
  ],
  "/bench": [["Ctrl Enter", "log what the form says"]],
  "/takes": [
    ["↑ ↓", "next or last group"],
    ["Enter", "open its grafts"],
    ["T", "read as table"],
  ],
  "": [
    ["1 2 3 4 5 6 7 9 0", "go to a station by its number"],
    ["/", "find a code, variety or place"],
    [".", "I saw something"],
    ["[ ]", "move the span on the season band by a week"],
    ["U", "take back the last thing done"],
    ["?", "these keys"],
  ],
};
