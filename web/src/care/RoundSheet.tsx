import type { Schemas } from "../api/client";
import { dayWords } from "../days";
import { FIRST_SIGNS, SIGNS } from "../drawings/signs";
import { Paper, PaperTable, TickBox } from "../ui/Paper";

/** The round on paper: a line a graft in walking order, a box for each answer, room for a word. */
export function RoundSheet({
  stops,
  day,
  left,
}: {
  stops: Schemas["care.Stop"][];
  day: string;
  left: number;
}) {
  const legend = FIRST_SIGNS.map((sign) => `${SIGNS[sign].letter} ${SIGNS[sign].words}`).join(" · ");
  return (
    <Paper title={`Round of ${dayWords(day)}: ${stops.length} of ${left} to look at`}>
      {() => (
        <>
          <p className="mb-2">Who: ______________________ · {legend}</p>
          <PaperTable heads={["graft", "on", "what to do", "seen", "a word"]}>
            {stops.map(({ graft, tasks }, i) => (
              <tr key={graft.id}>
                <td className="code whitespace-nowrap font-semibold">{graft.code}</td>
                <td className="whitespace-nowrap">
                  {graft.plantCode}
                  {i === 0 || stops[i - 1].graft.spotId !== graft.spotId ? (
                    <b className="block">{graft.spotName}</b>
                  ) : null}
                </td>
                <td>
                  {graft.varietyName}: {tasks.map((task) => task.ask).join("; ")}
                </td>
                <td className="whitespace-nowrap">
                  {FIRST_SIGNS.map((sign) => (
                    <TickBox key={sign} letter={SIGNS[sign].letter} />
                  ))}
                </td>
                <td className="w-[22%]" />
              </tr>
            ))}
          </PaperTable>
        </>
      )}
    </Paper>
  );
}
