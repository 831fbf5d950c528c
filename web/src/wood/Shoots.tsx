import { useState } from "react";
import api, { told } from "../api/client";
import { awayWords, dated, dayWords } from "../days";
import { usePlans } from "../flush/flushApi";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Button, PartHeading, Teach, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { Countdown } from "./Countdown";
import { TreeChecks } from "./TreeChecks";
import { useShoots, useSources } from "./woodApi";

/** Shoots pinched so that their side buds swell, with their countdown in healing days. */
export function Shoots({ today }: { today: string }) {
  const shoots = useShoots();
  const { send, problem } = useSend();
  const giveUp = (id: number) =>
    send(async () => {
      const gone = await told(api.DELETE("/api/shoots/{id}", { params: { path: { id } } }));
      done(gone.sentence, gone.actId);
    });
  return (
    <div className="mt-3 max-w-3xl">
      {shoots.data?.length === 0 && (
        <Teach title="Pinch now, graft in about ten healing days">
          Pinch out the tip of a chosen shoot. The side buds below swell, and are ready when the graft is
          made. For instance: six shoots on the mother tree, pinched today. Looks, the ready days and too late
          are counted with the warmth.
        </Teach>
      )}
      <ul>
        {(shoots.data ?? []).map((shoot) => (
          <li key={shoot.id} className="border-line border-b py-2.5">
            <Countdown shoot={shoot} />
            <p className="mt-0.5 text-[14.5px] text-soft">
              {shoot.shoots} shoots pinched {dayWords(shoot.conditioning.pinchedOn)},{" "}
              {awayWords(shoot.conditioning.pinchedOn, today)}; {shoot.sticksExpected} sticks expected; best
              about {dayWords(shoot.conditioning.aim)}
              {shoot.planNo ? `; for plan ${shoot.planNo}` : ""}. {shoot.refusal && dated(shoot.refusal)}{" "}
              <button
                data-does="DELETE /api/shoots/{id}"
                type="button"
                className="text-sea underline"
                onClick={() => giveUp(shoot.id)}
              >
                Give them up
              </button>
            </p>
          </li>
        ))}
      </ul>
      <Trouble problem={problem} />
      <TreeChecks />
      <Pinch today={today} />
    </div>
  );
}

function Pinch({ today }: { today: string }) {
  const sources = useSources();
  const plans = usePlans();
  const { send, problem, busy, errorOf } = useSend();
  const [plantId, setPlantId] = useState("");
  const [n, setN] = useState("");
  const [day, setDay] = useState(today);
  const [planNo, setPlanNo] = useState("");
  const own = (sources.data ?? []).filter((s) => s.plantId !== undefined);
  const chosen = own.find((s) => String(s.plantId) === plantId);
  const forThese = (plans.data ?? []).filter((p) => p.varietyId === chosen?.varietyId);
  const pinch = () =>
    send(async () => {
      const body = {
        plantId: Number(plantId),
        pinchedOn: day,
        shoots: Number(n),
        sticksExpected: Number(n),
        planNo: planNo ? Number(planNo) : undefined,
      };
      const pinched = await told(api.POST("/api/shoots", { body }));
      done(pinched.sentence, pinched.actId);
      setN("");
    });
  return (
    <form
      data-does="POST /api/shoots"
      onSubmit={(event) => {
        event.preventDefault();
        pinch();
      }}
    >
      <PartHeading>Write down pinched shoots</PartHeading>
      <div className="grid grid-cols-[1fr_110px_170px] gap-3 max-sm:grid-cols-2">
        <Field label="On" error={errorOf("plantId")}>
          <Select value={plantId} onChange={(e) => setPlantId(e.target.value)}>
            <option value="">choose a plant</option>
            {own.map((s) => (
              <option key={s.key} value={s.plantId}>
                {s.name}, {s.varietyName}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Shoots" error={errorOf("shoots")}>
          <Input inputMode="numeric" value={n} onChange={(e) => setN(e.target.value)} />
        </Field>
        <Field label="Pinched on" error={errorOf("pinchedOn")}>
          <DayBox past value={day} onChange={setDay} />
        </Field>
        {forThese.length > 0 && (
          <Field label="For">
            <Select value={planNo} onChange={(e) => setPlanNo(e.target.value)}>
              <option value="">no plan</option>
              {forThese.map((p) => (
                <option key={p.planNo} value={p.planNo}>
                  {p.grafts} on {dayWords(p.around.day)}, {p.spotName}
                </option>
              ))}
            </Select>
          </Field>
        )}
      </div>
      <Trouble problem={problem} />
      <Button strong type="submit" className="mt-3" disabled={busy || !plantId || !n}>
        Write them down
      </Button>
      <p className="mt-2 text-[13.5px] text-soft">Clean the blade before each tree.</p>
    </form>
  );
}
