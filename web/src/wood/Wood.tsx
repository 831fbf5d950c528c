import { useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Input } from "../ui/fields";
import { Button, Coming, LinkButton, Statement, Teach, Trouble } from "../ui/parts";
import { Cleaning } from "./Cleaning";
import { CollectLot } from "./CollectLot";
import { Inventory } from "./Inventory";
import { LotSheet } from "./LotSheet";
import { Shelf } from "./Shelf";
import { Shoots } from "./Shoots";
import { Sources } from "./Sources";
import { Stores } from "./Stores";
import { Supply } from "./Supply";
import { useShelf } from "./woodApi";
import { shelfHeadline, shelfSubtitle } from "./words";

const TABS = [
  { key: "shelf", name: "Shelf" },
  { key: "shoots", name: "Pinched shoots" },
  { key: "sources", name: "Sources" },
  { key: "stores", name: "Stores" },
  { key: "cleaning", name: "Blades" },
] as const;

/** Which lot is fit, how long it keeps, where it came from, is it clean. */
export function Wood() {
  const { code } = useParams();
  const tab = useLocation().pathname.split("/")[2]?.replace("lot", "shelf") ?? "shelf";
  const navigate = useNavigate();
  const [search, setSearch] = useState("");
  const [collecting, setCollecting] = useState(false);
  const shelf = useShelf(search);
  const step = (by: number) => {
    const lots = shelf.data?.lots ?? [];
    const at = lots.findIndex((lot) => lot.code === code);
    const next = lots[Math.min(lots.length - 1, Math.max(0, at + by))];
    if (next) navigate(`/wood/lot/${next.code}`);
  };
  useCommands([
    { key: "ArrowDown", words: "next lot", run: () => step(1) },
    { key: "ArrowUp", words: "last lot", run: () => step(-1) },
    { key: "c", words: "collect or receive a lot", run: () => setCollecting(true), does: "POST /api/lots" },
    { key: "k", words: "check a stick", run: () => navigate("/wood/check") },
    { key: "Escape", words: "close the sheet", run: () => navigate("/wood") },
  ]);
  if (shelf.error) return <Trouble page problem={shelf.error} />;
  if (!shelf.data) return <Coming what="the shelf" />;
  const { lots, today } = shelf.data;
  const aside = tab === "shelf" || code;
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4">
        <Statement title={shelfHeadline(lots)}>{shelfSubtitle(lots)}</Statement>
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <Button data-does="POST /api/lots" strong onClick={() => setCollecting(true)}>
            Collect or receive a lot
          </Button>
          <LinkButton to="/wood/check">Check a stick</LinkButton>
        </div>
        <Tabs tab={tab} />
        {(tab === "shelf" || code) && (
          <>
            <Input
              aria-label="Find a lot of any time"
              placeholder="find a lot of any time by code or variety"
              className="mt-3 max-w-sm"
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
            <div className="mt-2">
              {lots.length === 0 ? (
                <NoLots searching={search !== ""} onCollect={() => setCollecting(true)} />
              ) : (
                <>
                  <Shelf lots={lots} chosen={code} />
                  <Inventory lots={lots} />
                </>
              )}
            </div>
          </>
        )}
        {tab === "shoots" && <Shoots today={today} />}
        {tab === "sources" && <Sources />}
        {tab === "stores" && <Stores />}
        {tab === "cleaning" && <Cleaning />}
      </section>
      {aside && (
        <Beside width="w-[372px]" shows={code}>
          {code ? <LotSheet key={code} code={code} onClose={() => navigate("/wood")} /> : <Supply />}
        </Beside>
      )}
      <CollectLot open={collecting} onClose={() => setCollecting(false)} today={today} />
    </div>
  );
}

function Tabs({ tab }: { tab: string }) {
  return (
    <nav aria-label="Parts of Wood" className="flex flex-wrap gap-x-5 border-line border-b text-[15px]">
      {TABS.map((one) => (
        <Link
          key={one.key}
          to={one.key === "shelf" ? "/wood" : `/wood/${one.key}`}
          aria-current={tab === one.key ? "page" : undefined}
          className={`py-1.5 max-sm:min-h-11 max-sm:py-3 ${tab === one.key ? "font-semibold shadow-[inset_0_-3px_0_var(--sea)]" : "text-soft hover:text-ink"}`}
        >
          {one.name}
        </Link>
      ))}
    </nav>
  );
}

function NoLots({ searching, onCollect }: { searching: boolean; onCollect: () => void }) {
  if (searching) return <p className="mt-3 text-soft">No lot of that code or variety.</p>;
  return (
    <Teach
      title="Wood keeps every stick in mind"
      action={
        <Button strong onClick={onCollect}>
          Collect the first lot
        </Button>
      }
    >
      Write down a lot when you cut it or it comes by post: how many sticks, where it lies. From then on its
      age, the warmth of its store and every stick used are counted, and it says when to use it first. For
      instance: 12 sticks of Ternlight, cut today, in the field box. A store is added under Stores.
    </Teach>
  );
}
