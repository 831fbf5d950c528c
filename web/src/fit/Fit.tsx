import { useLocation } from "react-router";
import { StationParts } from "../ui/StationParts";
import { FitBench } from "./FitBench";
import { Limbs } from "./Limbs";
import { Pairing } from "./Pairing";
import { Prepared } from "./Prepared";

const PARTS = [
  { to: "/fit", name: "One graft" },
  { to: "/fit/pairing", name: "Pair a batch" },
  { to: "/fit/prepared", name: "Prepared" },
  { to: "/fit/limbs", name: "Old trees" },
];

/** Which technique, which stick on which stem, where to cut. */
export function Fit() {
  const tab = useLocation().pathname.split("/")[2] ?? "";
  return (
    <div className="flex min-h-full flex-col">
      <StationParts station="Fit" parts={PARTS} className="border-line border-b px-[22px] max-sm:px-2" />
      {tab === "pairing" ? (
        <Pairing />
      ) : tab === "prepared" ? (
        <Prepared />
      ) : tab === "limbs" ? (
        <Limbs />
      ) : (
        <FitBench />
      )}
    </div>
  );
}
