import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { StageBadge } from "../drawings/StageBadge";
import { STAGE_ORDER, STAGES, type Stage } from "../drawings/stages";
import { DayBox } from "../ui/DayBox";
import { Field, Input } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done, failed, inOrder } from "../undo";
import { useChoices } from "../units";

/** Six keys, one for each stage. */
export function StageKeys({ onStage, disabled }: { onStage: (stage: Stage) => void; disabled?: boolean }) {
  return (
    <div data-does="POST /api/flush/notes" className="grid grid-cols-2 gap-2 max-sm:grid-cols-3">
      {STAGE_ORDER.map((stage) => (
        <button
          key={stage}
          type="button"
          disabled={disabled}
          onClick={() => onStage(stage)}
          className="flex min-h-11 items-center gap-2 rounded border border-line bg-surface py-1 pr-2 pl-1.5 hover:border-sea max-sm:gap-1.5 max-sm:text-[15px]"
        >
          <StageBadge stage={stage} size="middle" />
          {STAGES[stage].words}
        </button>
      ))}
    </div>
  );
}

/** Sends a note and says what was odd about it. */
export async function noteStage(body: Schemas["season.NoteEntry"]) {
  const noted = await inOrder(() => told(api.POST("/api/flush/notes", { body })));
  done([noted.sentence, ...noted.findings.map((f) => f.message)].join(". "), noted.actId);
}

/** A stage by one tap; says so when it could not be noted. */
export async function quickNote(plantIds: number[], stage: Stage): Promise<boolean> {
  try {
    await noteStage({ plantIds, sun: stage });
    return true;
  } catch (problem) {
    failed(problem);
    return false;
  } finally {
  }
}

interface NoteStageProps {
  open: boolean;
  onClose: () => void;
  plants: { id: number; code: string }[];
  corrects?: Schemas["season.NoteRow"];
}

/** A stage of one plant or a whole row, by one key; shares, sides, flowers and words where they are wanted. */
export function NoteStage(props: NoteStageProps) {
  const many = props.plants.length !== 1;
  const title = props.corrects ? "Correct the note" : "Note a stage";
  const whom = many ? `${props.plants.length} plants` : props.plants[0]?.code;
  return (
    <Overlay
      open={props.open}
      onClose={props.onClose}
      title={title}
      description={`What do the buds of ${whom} show?`}
    >
      {props.open && <NoteForm key={props.corrects?.id} {...props} />}
    </Overlay>
  );
}

function NoteForm({ onClose, plants, corrects }: NoteStageProps) {
  const { personId } = useChoices();
  const { send, problem, busy, errorOf } = useSend();
  const [sun, setSun] = useState(corrects?.sun ?? "");
  const [shade, setShade] = useState(corrects?.shade ?? "");
  const [flowering, setFlowering] = useState(corrects?.flowering ?? false);
  const [day, setDay] = useState(corrects?.onDay ?? "");
  const [remark, setRemark] = useState(corrects?.remark ?? "");
  const save = async (shares: string) => {
    const body: Schemas["season.NoteEntry"] = {
      plantIds: plants.map((p) => p.id),
      sun: shares,
      shade: shade || undefined,
      flowering,
      day: day || undefined,
      remark: remark || undefined,
      personId,
    };
    const kept = await send(async () => {
      if (corrects) {
        const params = { path: { id: corrects.id } };
        const noted = await told(api.PUT("/api/flush/notes/{id}", { params, body }));
        done([noted.sentence, ...noted.findings.map((f) => f.message)].join(". "), noted.actId);
      } else {
        await noteStage(body);
      }
      return true;
    });
    if (kept) onClose();
  };
  const onKey = (event: React.KeyboardEvent) => {
    const typing = event.target instanceof HTMLInputElement && event.target.type !== "checkbox";
    const stage = event.key.toUpperCase() as Stage;
    if (!typing && stage in STAGES && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      save(stage);
    }
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the buttons inside
    <div className="grid gap-3" onKeyDown={onKey}>
      <StageKeys onStage={save} disabled={busy} />
      <p className="text-[14px] text-soft">
        One key or one tap notes the whole canopy. For shares, write them in tens: S40 M60.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Shares, sunny side" error={errorOf("sun")}>
          <Input className="code" value={sun} maxLength={40} onChange={(e) => setSun(e.target.value)} />
        </Field>
        <Field label="Shaded side, if it differs" error={errorOf("shade")}>
          <Input className="code" value={shade} maxLength={40} onChange={(e) => setShade(e.target.value)} />
        </Field>
        <Field label="Day (today if empty)" error={errorOf("day")}>
          <DayBox past value={day} onChange={setDay} />
        </Field>
        <Field label="A note, if you like">
          <Input value={remark} maxLength={4000} onChange={(e) => setRemark(e.target.value)} />
        </Field>
      </div>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-[var(--sea)]"
          checked={flowering}
          onChange={(e) => setFlowering(e.target.checked)}
        />
        in flower
      </label>
      {problem && problem.fields.length === 0 && (
        <p role="alert" className="font-semibold text-alarm">
          {problem.message}
        </p>
      )}
      <div>
        <Button
          data-does="POST /api/flush/notes"
          strong
          disabled={busy || sun.trim() === ""}
          onClick={() => save(sun)}
        >
          Note the shares
        </Button>
      </div>
    </div>
  );
}
