import { useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useFarm, useRules } from "../api/queries";
import { dayWords } from "../days";
import { DayBox } from "../ui/DayBox";
import { Field, Select } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useShelf } from "../wood/woodApi";

interface Props {
  code: string;
  speciesKey: string;
  school: Schemas["fit.LimbSeason"]["school"];
  slips: boolean;
  scions: number;
}

/** This season's limbs as lines of a graft day: of which wood, and when. */
export function LimbsToDay({ code, speciesKey, school, slips, scions }: Props) {
  const today = useFarm().data?.today;
  const lots = useLotsFor(speciesKey);
  const { send, problem, busy, errorOf } = useSend();
  const [lotId, setLot] = useState("");
  const [day, setDay] = useState("");
  const [planned, setPlanned] = useState<string>();
  const plan = () =>
    send(async () => {
      const kept = await told(
        api.POST("/api/bench-days/{day}/limbs/{code}", {
          params: { path: { day, code } },
          body: { lotId: Number(lotId), school, slips },
        }),
      );
      setPlanned(day);
      done(kept.sentence, kept.actId);
    });
  return (
    <form
      data-does="POST /api/bench-days/{day}/limbs/{code}"
      aria-label="Onto a graft day"
      className="mt-4 border-line border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        plan();
      }}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-y-2">
        <Field label={`Wood for ${scions} ${scions === 1 ? "scion" : "scions"}`} error={errorOf("lotId")}>
          <Select value={lotId} onChange={(e) => setLot(e.target.value)}>
            <option value="">choose</option>
            {lots.map((lot) => (
              <option key={lot.id} value={lot.id}>
                {lot.code} {lot.varietyName}, {lot.sticksLeft} left
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Grafted on" error={errorOf("day")}>
          <DayBox value={day} min={today} onChange={setDay} />
        </Field>
      </div>
      <Button strong type="submit" className="mt-2 min-h-11" disabled={busy || !lotId || !isDay(day)}>
        Put them on that day
      </Button>
      {planned && !problem && (
        <p className="mt-2 text-[14px]">
          <Link className="text-sea underline" to={`/bench/day/${planned}`}>
            See the plan of {dayWords(planned)}
          </Link>
        </p>
      )}
      <Trouble problem={problem} />
    </form>
  );
}

/** Lots that may be used on a tree of a species, those to be used first in front. */
function useLotsFor(speciesKey: string) {
  const species = useRules().data?.species ?? [];
  const family = (key: string) => species.find((s) => s.key === key)?.family;
  return (useShelf().data?.lots ?? []).filter(
    (lot) => !lot.refusal && lot.sticksLeft > 0 && family(lot.speciesKey) === family(speciesKey),
  );
}
