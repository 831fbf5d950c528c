import { Field, Input } from "../ui/fields";
import { lengthUnit, useChoices } from "../units";
import type { SpeciesDraft, StandDraft } from "./draft";
import { StageRow } from "./StageRow";

interface Props {
  draft: SpeciesDraft;
  name: string;
  onChange: (change: Partial<SpeciesDraft>) => void;
  errorOf: (field: string) => string | undefined;
}

/** What of one species stands on the farm: varieties, stocks to graft on, mothers to cut from. */
export function SpeciesBlock({ draft, name, onChange, errorOf }: Props) {
  const { length } = useChoices();
  const example = length === "mm" ? "AV-1 8.2 220" : "AV-1 5/16 9";
  return (
    <section aria-label={name} className="border-line border-t py-3">
      <h3 className="big text-xl first-letter:uppercase">{name}</h3>
      <Field
        label="Varieties you graft, with commas"
        error={errorOf("varieties") ?? errorOf("name") ?? errorOf("speciesKey")}
      >
        <Input value={draft.varieties} onChange={(e) => onChange({ varieties: e.target.value })} />
      </Field>
      <div className="mt-2 grid grid-cols-2 gap-x-8 gap-y-4 max-sm:grid-cols-1">
        <Stand
          title="Stocks to graft on"
          whose={`the ${name} stocks`}
          label="A line each: code, thickness, height of the cut"
          hint={`such as ${example}, in ${lengthUnit(length)}; the sizes can wait`}
          stand={draft.stocks}
          onChange={(stocks) => onChange({ stocks })}
          errorOf={(field) => errorOf(`stocks.${field}`)}
        />
        <Stand
          title="Mothers you cut wood from"
          whose={`the ${name} mothers`}
          label="A line each: code and variety"
          hint="where only one variety grows, its code will do"
          stand={draft.mothers}
          onChange={(mothers) => onChange({ mothers })}
          errorOf={(field) => errorOf(`mothers.${field}`)}
        />
      </div>
    </section>
  );
}

function Stand(props: {
  title: string;
  whose: string;
  label: string;
  hint: string;
  stand: StandDraft;
  onChange: (stand: StandDraft) => void;
  errorOf: (field: string) => string | undefined;
}) {
  const { stand, whose } = props;
  const set = (change: Partial<StandDraft>) => props.onChange({ ...stand, ...change });
  return (
    <div className="grid content-start gap-2">
      <h4 className="font-semibold">{props.title}</h4>
      <Field label={props.label} hint={props.hint} error={props.errorOf("lines")}>
        <textarea
          aria-label={`${props.label}: ${whose}`}
          className="code h-24 w-full rounded border border-edge bg-surface p-2"
          value={stand.lines}
          onChange={(e) => set({ lines: e.target.value })}
        />
      </Field>
      <Field label="Where they stand" error={props.errorOf("spot")}>
        <Input
          aria-label={`Where they stand: ${whose}`}
          value={stand.spot}
          maxLength={120}
          onChange={(e) => set({ spot: e.target.value })}
        />
      </Field>
      <StageRow whose={whose} stage={stand.stage} onStage={(stage) => set({ stage })} />
    </div>
  );
}
