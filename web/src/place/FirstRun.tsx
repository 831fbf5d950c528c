import { useState } from "react";
import { Link, useNavigate } from "react-router";
import api, { told } from "../api/client";
import { useFarm, useVarieties } from "../api/queries";
import { Button, Field, Input } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { PlantForm } from "./PlantForm";
import { SiteForm } from "./SiteForm";
import { VarietyForm } from "./VarietyForm";

const STEPS = ["Your place", "What you grow", "Your trees", "Who grafts"];

/** The first run: place, what grows there, the trees, the people; then the bench. */
export function FirstRun() {
  const farm = useFarm();
  const [chosen, setChosen] = useState<number>();
  const step = chosen ?? (farm.data?.site ? 1 : 0);
  const next = () => setChosen(step + 1);
  return (
    <main className="mx-auto flex max-w-[980px] gap-12 px-8 py-12 max-sm:flex-col max-sm:gap-4 max-sm:px-4 max-sm:py-5">
      <aside className="w-[210px] shrink-0 max-sm:w-full">
        <img src="/lantern.svg" alt="" width={72} height={86} className="mb-3 max-sm:hidden" />
        <p className="big text-[28px] leading-tight">Bay Lantern</p>
        <ol className="mt-4 max-sm:flex max-sm:gap-4 max-sm:overflow-auto">
          {STEPS.map((name, i) => (
            <li
              key={name}
              aria-current={i === step ? "step" : undefined}
              className={`whitespace-nowrap py-1 ${i === step ? "font-semibold shadow-[inset_3px_0_0_var(--sea)]" : "text-soft"} pl-3`}
            >
              {i + 1} {name}
            </li>
          ))}
        </ol>
      </aside>
      <section className="min-w-0 flex-1">
        {step === 0 && <PlaceStep onDone={next} />}
        {step === 1 && <GrowStep onDone={next} />}
        {step === 2 && <TreeStep onDone={next} />}
        {step === 3 && <PeopleStep />}
      </section>
    </main>
  );
}

function Lead({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <>
      <h1 className="big text-[30px] leading-tight">{title}</h1>
      <p className="mt-1 mb-5 max-w-[60ch] text-soft">{children}</p>
    </>
  );
}

function PlaceStep({ onDone }: { onDone: () => void }) {
  return (
    <>
      <Lead title="Where do you graft?">
        The latitude names your seasons on the right side of the equator; the zone tells what day it is at
        your bench. Everything stays on this machine.
      </Lead>
      <SiteForm button="That is the place" onSaved={onDone} />
    </>
  );
}

function GrowStep({ onDone }: { onDone: () => void }) {
  const varieties = useVarieties();
  return (
    <>
      <Lead title="What do you graft?">Add at least one variety. The rest can wait.</Lead>
      <VarietyForm onSaved={() => {}} />
      <p className="mt-3">
        {(varieties.data ?? []).map((v) => (
          <span key={v.id} className="mr-4 inline-block">
            <b className="code">{v.letters}</b> {v.name}
          </span>
        ))}
      </p>
      <div className="mt-5 flex items-center gap-4">
        <Button strong disabled={!varieties.data?.length} onClick={onDone}>
          Go on
        </Button>
        <Link to="/farm/notebook" className="text-sea underline">
          I have an old notebook to bring in
        </Link>
      </div>
    </>
  );
}

function TreeStep({ onDone }: { onDone: () => void }) {
  const farm = useFarm();
  return (
    <>
      <Lead title="Which plants carry the grafts?">
        Type or paste the codes on your pots or trees, a line each. Places are where you walk: a bench, a row,
        a shade house.
      </Lead>
      <PlantForm onSaved={() => {}} />
      <div className="mt-5">
        <Button strong={!!farm.data?.plants} onClick={onDone}>
          {farm.data?.plants ? `Go on with ${farm.data.plants} plants` : "Later"}
        </Button>
      </div>
    </>
  );
}

function PeopleStep() {
  const farm = useFarm();
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const { send, problem } = useSend();
  return (
    <>
      <Lead title="Who grafts here?">Takes can be told apart by maker. One name will do.</Lead>
      <form
        className="flex max-w-[420px] items-end gap-2"
        onSubmit={async (e) => {
          e.preventDefault();
          if (await send(() => told(api.POST("/api/people", { body: { name } })))) setName("");
        }}
      >
        <div className="flex-1">
          <Field label="Name" error={problem?.message}>
            <Input value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
          </Field>
        </div>
        <Button type="submit" disabled={!name.trim()}>
          Add
        </Button>
      </form>
      <p className="mt-3">{(farm.data?.people ?? []).map((p) => p.name).join(", ")}</p>
      <div className="mt-5">
        <Button strong onClick={() => navigate("/bench")}>
          To the bench
        </Button>
      </div>
    </>
  );
}
