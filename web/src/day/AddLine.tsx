import { useState } from "react";
import api, { told } from "../api/client";
import { useRules, useVarieties } from "../api/queries";
import { CoverOptions } from "../bench/CoverOptions";
import { SpeciesOptions } from "../place/SpeciesOptions";
import { SpotOptions } from "../place/SpotOptions";
import { VarietyOptions } from "../place/VarietyOptions";
import { Instead } from "../share/bounds";
import { Field, Input, Select } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { FromList } from "./FromList";

/** One line more for the day: what, where, how, how many. */
export function AddLine({ day }: { day: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button data-does="POST /api/bench-days/{day}/lists/{listId}" onClick={() => setOpen(true)}>
        Add a line
      </Button>
      <Overlay
        open={open}
        onClose={() => setOpen(false)}
        title="A line of the day"
        description="Its stocks are the free ones of the place; its wood the lot to be used first."
      >
        {open && <Form day={day} onClose={() => setOpen(false)} />}
      </Overlay>
    </>
  );
}

function Form({ day, onClose }: { day: string; onClose: () => void }) {
  const rules = useRules();
  const varieties = useVarieties();
  const { send, problem, busy, errorOf } = useSend();
  const [varietyId, setVarietyId] = useState("");
  const [species, setSpecies] = useState("");
  const [spotId, setSpotId] = useState("");
  const [technique, setTechnique] = useState("");
  const [grafts, setGrafts] = useState("");
  const [cover, setCover] = useState("FILM");
  const variety = varieties.data?.find((v) => String(v.id) === varietyId);
  const stock = species || variety?.speciesKey || "";
  const keep = () =>
    send(async () => {
      const kept = await told(
        api.POST("/api/graft-days", {
          body: {
            day,
            spotId: Number(spotId),
            speciesKey: stock,
            varietyId: Number(varietyId),
            techniqueKey: technique,
            grafts: Number(grafts),
            cover: cover as "FILM",
          },
        }),
      );
      done(kept.sentence, kept.actId);
      onClose();
    });
  const groups = [...new Set((varieties.data ?? []).map((v) => v.speciesKey))];
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <FromList day={day} onClose={onClose} />
      <Instead of="POST /api/graft-days">
        <p className="text-soft">Other lines than those of a prepared list are planned by an owner.</p>
      </Instead>
      <div data-does="POST /api/graft-days" className="grid grid-cols-2 gap-x-4 gap-y-3 max-sm:grid-cols-1">
        <Field label="Variety" error={errorOf("varietyId")}>
          <Select value={varietyId} onChange={(e) => setVarietyId(e.target.value)}>
            <option value="">choose</option>
            {groups.map((key) => (
              <optgroup key={key} label={key}>
                <VarietyOptions species={key} />
              </optgroup>
            ))}
          </Select>
        </Field>
        <Field label="On stocks at" error={errorOf("spotId")}>
          <Select value={spotId} onChange={(e) => setSpotId(e.target.value)}>
            <option value="">choose</option>
            <SpotOptions />
          </Select>
        </Field>
        <Field label="Stocks are" error={errorOf("speciesKey")}>
          <Select value={stock} onChange={(e) => setSpecies(e.target.value)}>
            <option value="">choose</option>
            <SpeciesOptions />
          </Select>
        </Field>
        <Field label="Technique" error={errorOf("techniqueKey")}>
          <Select value={technique} onChange={(e) => setTechnique(e.target.value)}>
            <option value="">choose</option>
            {(rules.data?.techniques ?? []).map((t) => (
              <option key={t.key} value={t.key}>
                {t.name}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Grafts" error={errorOf("grafts")}>
          <Input inputMode="numeric" value={grafts} onChange={(e) => setGrafts(e.target.value)} />
        </Field>
        <Field label="Cover" error={errorOf("cover")}>
          <Select value={cover} onChange={(e) => setCover(e.target.value)}>
            <CoverOptions />
          </Select>
        </Field>
      </div>
      <Trouble problem={problem} />
      <div className="mt-4 flex gap-3">
        <Button
          data-does="POST /api/graft-days"
          strong
          type="submit"
          disabled={busy || !varietyId || !spotId || !technique || !grafts}
        >
          Add it
        </Button>
        <Button onClick={onClose}>Leave it</Button>
      </div>
    </form>
  );
}
