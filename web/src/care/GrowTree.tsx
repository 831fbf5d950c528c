import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { SpotOptions } from "../place/SpotOptions";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useChoices } from "../units";

type Graft = Schemas["bench.Graft"];

interface Props {
  graft: Graft;
  open: boolean;
  onClose: () => void;
}

/** A graft becomes a tree: where it stands now and what it is kept for. */
export function GrowTree({ graft, open, onClose }: Props) {
  return (
    <Overlay
      open={open}
      onClose={onClose}
      title={`${graft.code} becomes a tree`}
      description={`${graft.plantCode} is a tree of ${graft.varietyName} from that day: wood can be cut from it, and its buds are foretold. Before it leaves, ask whether its variety or its wood may be moved and sold.`}
    >
      {open && <TreeForm graft={graft} onClose={onClose} />}
    </Overlay>
  );
}

function TreeForm({ graft, onClose }: Omit<Props, "open">) {
  const { send, problem, busy, errorOf } = useSend();
  const { personId } = useChoices();
  const [spot, setSpot] = useState(`${graft.spotId}`);
  const [kind, setKind] = useState<"FIELD_TREE" | "MOTHER_TREE">("FIELD_TREE");
  const [day, setDay] = useState("");
  const asked = errorOf("sure");
  const write = (sure: boolean) =>
    send(async () => {
      const grown = await told(
        api.POST("/api/grafts/{code}/tree", {
          params: { path: { code: graft.code } },
          body: {
            version: graft.version,
            day: day || undefined,
            spotId: Number(spot),
            kind,
            personId,
            sure: sure || undefined,
          },
        }),
      );
      done(grown.sentence, grown.actId);
      onClose();
    });
  return (
    <form
      className="grid gap-2.5"
      onSubmit={(e) => {
        e.preventDefault();
        write(asked !== undefined);
      }}
    >
      <div className="grid grid-cols-2 gap-2.5 max-sm:grid-cols-1">
        <Field label="Where it stands now" error={errorOf("spotId")}>
          <Select value={spot} onChange={(e) => setSpot(e.target.value)}>
            <SpotOptions />
          </Select>
        </Field>
        <Field label="Planted or potted on" error={errorOf("day")}>
          <DayBox value={day} onChange={setDay} min={graft.madeOn} past placeholder="today" />
        </Field>
      </div>
      <fieldset className="flex flex-wrap gap-x-5">
        <legend className="text-[14.5px] text-soft">Kept for</legend>
        {(
          [
            ["FIELD_TREE", "its fruit"],
            ["MOTHER_TREE", "its wood, as a mother tree"],
          ] as const
        ).map(([value, words]) => (
          <label key={value} className="flex min-h-9 items-center gap-2 max-sm:min-h-11">
            <input
              type="radio"
              name="kept-for"
              className="size-5 accent-[var(--sea)]"
              checked={kind === value}
              onChange={() => setKind(value)}
            />
            {words}
          </label>
        ))}
      </fieldset>
      <Trouble problem={problem} />
      <div className="flex gap-2">
        <Button strong type="submit" disabled={busy}>
          {asked ? "It is so" : "It is a tree now"}
        </Button>
        <Button onClick={onClose}>Not yet</Button>
      </div>
    </form>
  );
}

/** The offcut of an approach graft has been rooted: a plant of its own. */
export function RootSpare({ graft, open, onClose }: Props) {
  const { send, problem, busy, errorOf } = useSend();
  const [spot, setSpot] = useState(`${graft.spotId}`);
  const [code, setCode] = useState("");
  const write = () =>
    send(async () => {
      const grown = await told(
        api.POST("/api/grafts/{code}/spare", {
          params: { path: { code: graft.code } },
          body: { spotId: Number(spot), code: code.trim() || undefined },
        }),
      );
      done(grown.sentence, grown.actId);
      onClose();
    });
  return (
    <Overlay
      open={open}
      onClose={onClose}
      title={`The offcut of ${graft.code}`}
      description={`Rooted, it is a plant of ${graft.varietyName} on its own roots, with the same descent.`}
    >
      <form
        className="grid gap-2.5"
        onSubmit={(e) => {
          e.preventDefault();
          write();
        }}
      >
        <div className="grid grid-cols-2 gap-2.5 max-sm:grid-cols-1">
          <Field label="Where it stands" error={errorOf("spotId")}>
            <Select value={spot} onChange={(e) => setSpot(e.target.value)}>
              <SpotOptions />
            </Select>
          </Field>
          <Field label="Called" error={errorOf("code")}>
            <Input
              value={code}
              maxLength={40}
              placeholder={`${graft.code}-R`}
              onChange={(e) => setCode(e.target.value)}
            />
          </Field>
        </div>
        <Trouble problem={problem} />
        <div className="flex gap-2">
          <Button strong type="submit" disabled={busy}>
            Write it down
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </div>
      </form>
    </Overlay>
  );
}
