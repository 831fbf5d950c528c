import { StationParts } from "../ui/StationParts";

const PARTS = [
  { to: "/takes", name: "Rates" },
  { to: "/takes/by", name: "By anything" },
  { to: "/takes/gains", name: "What brings more" },
  { to: "/takes/trials", name: "Trials" },
  { to: "/takes/letter", name: "The season’s letter" },
];

/** The parts of the station Takes. */
export const TakeParts = () => <StationParts station="Takes" parts={PARTS} className="mb-3 -ml-2" />;
