import { useState } from "react";
import { Link, useNavigate } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useVarieties } from "../api/queries";
import { PeopleOptions } from "../place/PeopleOptions";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useChoices } from "../units";
import { Diameters } from "./Diameters";
import { useShoots, useSources, useStores } from "./woodApi";
import { KIND_WORDS, STANDING_WORDS } from "./words";

interface Props {
  open: boolean;
  onClose: () => void;
  today: string;
  fromKey?: string;
}

/** A lot as it is cut, or as it comes. */
export function CollectLot(props: Props) {
  return (
    <Overlay
      open={props.open}
      onClose={props.onClose}
      title="Collect or receive a lot"
      description="A lot is wood of one variety from one plant or source, cut on one day. Label it as you cut it."
    >
      {props.open && <Form {...props} />}
    </Overlay>
  );
}

function Form({ onClose, today, fromKey }: Props) {
  const navigate = useNavigate();
  const sources = useSources();
  const stores = useStores();
  const varieties = useVarieties();
  const shoots = useShoots();
  const { personId } = useChoices();
  const { send, problem, busy, errorOf } = useSend();
  const [from, setFrom] = useState(fromKey ?? "");
  const [varietyId, setVarietyId] = useState("");
  const [cutOn, setCutOn] = useState(today);
  const [receivedOn, setReceivedOn] = useState("");
  const [cutBy, setCutBy] = useState(personId ? String(personId) : "");
  const [sticks, setSticks] = useState("");
  const [buds, setBuds] = useState("4");
  const [diameters, setDiameters] = useState<number[]>([]);
  const [storeId, setStoreId] = useState("");
  const [wrapped, setWrapped] = useState(true);
  const source = sources.data?.find((s) => s.key === from);
  const own = source?.plantId !== undefined;
  const pinched = (shoots.data ?? []).find((s) => own && s.plantId === source?.plantId);
  const guarded = varieties.data?.find(
    (v) => v.id === (source?.varietyId ?? Number(varietyId)),
  )?.protectedRight;
  const store = storeId || String(stores.data?.[0]?.id ?? "");
  const collect = () =>
    send(async () => {
      const body: Schemas["wood.LotEntry"] = {
        plantId: source?.plantId,
        sourceId: own ? undefined : Number(from.split("-")[1]) || undefined,
        varietyId: own ? source?.varietyId : Number(varietyId) || undefined,
        cutOn,
        receivedOn: own ? undefined : receivedOn || undefined,
        cutBy: own && cutBy ? Number(cutBy) : undefined,
        sticks: Number(sticks),
        budsPerStick: Number(buds),
        diametersMm: diameters,
        storeId: Number(store),
        wrapped,
        shootsId: pinched?.id,
      };
      const collected = await told(api.POST("/api/lots", { body }));
      done(`${collected.sentence}. Write the code on its label now`, collected.actId);
      onClose();
      navigate(`/wood/lot/${collected.code}`);
    });
  if (stores.data?.length === 0) {
    return (
      <p>
        First say where wood lies on your farm: a field box, a fridge, a shelf in the shade.{" "}
        <Link className="text-sea underline" to="/wood/stores" onClick={onClose}>
          Add a store
        </Link>
      </p>
    );
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        collect();
      }}
    >
      <div className="grid grid-cols-2 gap-x-4 gap-y-3 max-sm:grid-cols-1">
        <Field label="From" error={errorOf("plantId") ?? errorOf("sourceId")}>
          <Select value={from} onChange={(e) => setFrom(e.target.value)}>
            <option value="">choose a plant or source</option>
            {(sources.data ?? []).map((s) => (
              <option key={s.key} value={s.key}>
                {s.plantId ? `${s.varietyName}, ${s.name}` : `${s.name}, ${KIND_WORDS[s.kind]}`}
                {s.heldWords
                  ? ", held"
                  : s.health.standing === "UNTESTED"
                    ? ""
                    : `, ${STANDING_WORDS[s.health.standing]}`}
              </option>
            ))}
          </Select>
        </Field>
        {source && !own && (
          <Field label="Variety" error={errorOf("varietyId")}>
            <Select value={varietyId} onChange={(e) => setVarietyId(e.target.value)}>
              <option value="">choose</option>
              {(varieties.data ?? []).map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}, {v.speciesKey}
                </option>
              ))}
            </Select>
          </Field>
        )}
        <Field label="Cut on" error={errorOf("cutOn")}>
          <DayBox past value={cutOn} onChange={setCutOn} />
        </Field>
        {source && !own && (
          <Field label="Came on" error={errorOf("receivedOn")}>
            <DayBox past value={receivedOn} onChange={setReceivedOn} />
          </Field>
        )}
        {(!source || own) && (
          <Field label="Cut by" hint="whose blade it was">
            <Select value={cutBy} onChange={(e) => setCutBy(e.target.value)}>
              <option value="">not said</option>
              <PeopleOptions />
            </Select>
          </Field>
        )}
        <Field label="Sticks" error={errorOf("sticks")}>
          <Input inputMode="numeric" value={sticks} onChange={(e) => setSticks(e.target.value)} />
        </Field>
        <Field label="Usable buds on a stick" error={errorOf("budsPerStick")}>
          <Input inputMode="numeric" value={buds} onChange={(e) => setBuds(e.target.value)} />
        </Field>
        <Field label="Put into" error={errorOf("storeId")}>
          <Select value={store} onChange={(e) => setStoreId(e.target.value)}>
            {(stores.data ?? []).map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}, {s.methodWords}
              </option>
            ))}
          </Select>
        </Field>
        <label className="flex items-center gap-2 self-end pb-1.5">
          <input type="checkbox" checked={wrapped} onChange={(e) => setWrapped(e.target.checked)} />
          wrapped so that it cannot dry
        </label>
        <div className="col-span-2 max-sm:col-span-1">
          <Diameters values={diameters} onChange={setDiameters} />
        </div>
      </div>
      {pinched && (
        <p className="mt-3 text-[15px]">
          These are the shoots pinched on {pinched.plantCode}; they end with this lot.
        </p>
      )}
      {guarded && (
        <p className="mt-3 border-soft border-l-4 pl-3 text-[15px]">
          A protected variety: it may not be propagated without its holder’s licence.
        </p>
      )}
      <p className="mt-3 text-[13.5px] text-soft">
        Cut away from you; sap of mango and fig burns skin and eyes. Moving wood between districts can need a
        permit: the plant-health authority and local rules decide.
      </p>
      <Trouble problem={problem} />
      <div className="mt-4 flex gap-3">
        <Button data-does="POST /api/lots" strong type="submit" disabled={busy || !source || !sticks}>
          Collect it
        </Button>
        <Button onClick={onClose}>Leave it</Button>
      </div>
    </form>
  );
}
