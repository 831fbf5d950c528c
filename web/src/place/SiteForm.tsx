import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { Choice } from "../ui/Choice";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { SiteBoxes, siteDraft, siteOf } from "./SiteBoxes";

const TOOL = [
  ["yes", "there is one"],
  ["no", "there is none"],
] as const;

/** The place of the farm, to be changed. */
export function SiteForm({ site, onSaved }: { site: Schemas["place.Site"]; onSaved: () => void }) {
  const [draft, setDraft] = useState(() => siteDraft(site));
  const { send, problem, busy, errorOf } = useSend();
  const body = siteOf(draft, site.version);
  const save = async () => {
    if (body && (await send(() => told(api.PUT("/api/site", { body }))))) onSaved();
  };
  return (
    <form
      data-does="PUT /api/site"
      className="grid max-w-[640px] grid-cols-3 gap-x-4 gap-y-3 max-sm:grid-cols-1"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <SiteBoxes
        draft={draft}
        onChange={(change) => setDraft((before) => ({ ...before, ...change }))}
        errorOf={errorOf}
      />
      <div className="col-span-3 max-sm:col-span-1">
        <Choice
          label="A hand tool that cuts a V for wedge and notch"
          options={TOOL}
          chosen={draft.handTool === undefined ? undefined : draft.handTool ? "yes" : "no"}
          onChoose={(said) => setDraft((before) => ({ ...before, handTool: said === "yes" }))}
        />
      </div>
      <div className="self-end">
        <Button strong type="submit" disabled={!body || busy} className="min-h-9">
          Save the place
        </Button>
      </div>
      {problem && problem.fields.length === 0 && (
        <p role="alert" className="col-span-3 font-semibold text-alarm">
          {problem.message}
        </p>
      )}
    </form>
  );
}
