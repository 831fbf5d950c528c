import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { dayWords } from "../days";
import { percent } from "../percent";

export const useHope = (code: string | undefined) =>
  useQuery({
    meta: { what: "what chance it has" },
    queryKey: ["hope", code],
    enabled: code !== undefined,
    queryFn: () =>
      told(api.GET("/api/grafts/{code}/waiting", { params: { path: { code: code as string } } })),
  });

/** A chance as a grower says it. */
export function chanceWords(chance: number): string {
  if (chance >= 0.95) return "nearly all of its like";
  if (chance >= 0.45) return `about ${Math.round(chance * 10)} in 10 of its like`;
  if (chance < 0.01) return "fewer than 1 in 100 of its like";
  return `about 1 in ${Math.round(1 / chance)} of its like`;
}

/** Waiting or lost: what chance a silent graft still has, and until when waiting pays. */
export function Hope({ graft }: { graft: Schemas["bench.Graft"] }) {
  const hope = useHope(graft.code).data?.hope;
  const silent = ["MADE", "HEALING", "ALIVE"].includes(graft.state);
  if (!hope || !silent || hope.code !== graft.code) return null;
  return (
    <p className="mt-1 text-[15px]">
      Silent so far: {chanceWords(hope.chance)} still take, {percent(hope.low)} to {percent(hope.high)} %.{" "}
      {hope.giveUp ? (
        <b className="text-alarm">
          Waiting stopped paying on {dayWords(hope.stopsOn)}: its stock could be grafted again.
        </b>
      ) : (
        `Waiting pays until ${dayWords(hope.stopsOn)}.`
      )}
      {hope.flood && " The flood of shoots below counts against it: a stock that feeds its graft sends few."}
    </p>
  );
}
