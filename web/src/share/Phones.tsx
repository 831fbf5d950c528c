import { useState } from "react";
import { dayWords, isoDay } from "../days";
import { Button, Coming, PartHeading, Statement, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done, hourWords } from "../undo";
import { LaidOpen } from "./LaidOpen";
import { LeftBehind } from "./LeftBehind";
import { PersonRights } from "./PersonRights";
import { type Code, type Device, layCode, type Rights, type Role, takeAway, useShared } from "./shareApi";

/** The farm shared with other devices: who is let in, on what, and what happened at the shared door. */
export function Phones() {
  const [open, setOpen] = useState<{ person: Rights; role: Role; code: Code }>();
  const shared = useShared(open !== undefined);
  const { send, problem } = useSend();
  if (shared.error) return <Trouble page problem={shared.error} />;
  if (!shared.data) return <Coming what="who is let in" />;
  const { addresses, mark, people, devices, events } = shared.data;
  const letIn = (person: Rights, role: Role) =>
    send(async () => setOpen({ person, role, code: await layCode(person.personId, role) }));
  return (
    <div className="mx-auto max-w-[1060px] px-[26px] py-5 max-sm:px-4">
      {mark ? (
        <Statement title="Shared in the farm’s own network">
          Phones and tablets open{" "}
          {addresses.map((address, i) => (
            <span key={address}>
              {i > 0 && " or "}
              <b className="code text-ink">{address}</b>
            </span>
          ))}
          . Nothing is reached from elsewhere.
        </Statement>
      ) : (
        <Statement title="Only this machine sees the farm">
          Start it with <code className="code text-ink">./lantern start --share</code>, and phones and tablets
          in the farm’s own network can be let in here.
        </Statement>
      )}
      {problem && <Trouble problem={problem} />}
      <LeftBehind />
      {mark && <Mark mark={mark} />}
      <div className="grid grid-cols-[1fr_1fr] gap-x-10 max-lg:grid-cols-1">
        <section>
          <PartHeading>People, and what each may do on other devices</PartHeading>
          <ul>
            {people.map((person) => (
              <PersonRights
                key={person.personId}
                person={person}
                onLetIn={mark ? (role) => letIn(person, role) : undefined}
              />
            ))}
          </ul>
          <p className="mt-2 text-[14px] text-soft">
            Whoever looks on changes nothing. Whoever works writes looks, notes, grafts, wood and pictures. At
            the farm’s own screen everybody may do everything: keep that machine where only you reach it.
          </p>
        </section>
        <section>
          <PartHeading>Devices that are signed in</PartHeading>
          {devices.length === 0 && <p className="text-soft">None yet.</p>}
          <ul>
            {devices.map((device) => (
              <DeviceLine key={device.id} device={device} />
            ))}
          </ul>
          <Events events={events} />
        </section>
      </div>
      {open && <LaidOpen {...open} known={devices} onClose={() => setOpen(undefined)} />}
    </div>
  );
}

/** Eight groups, four to a line, as a phone is held beside it. */
function Mark({ mark }: { mark: string }) {
  const groups = mark.split(" ");
  return (
    <section className="mb-2">
      <PartHeading>The mark of the farm’s seal, to compare on a phone before it trusts it</PartHeading>
      <p className="code grid w-fit grid-cols-[repeat(4,auto)] gap-x-4 text-[15px] max-sm:grid-cols-[repeat(2,auto)]">
        {groups.map((group) => (
          <span key={group}>{group}</span>
        ))}
      </p>
    </section>
  );
}

function DeviceLine({ device }: { device: Device }) {
  const { send, problem, busy } = useSend();
  return (
    <li className="border-line border-t py-1">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className="min-w-28 flex-1">
          <b>{device.name}</b>, {device.personName}
          <span className="block text-[13.5px] text-soft">seen {whenWords(device.seenAt)}</span>
        </span>
        <Button
          disabled={busy}
          aria-label={`Take ${device.name} away`}
          onClick={() =>
            send(async () => {
              await takeAway(device.id);
              done(`${device.name} is signed out; what it held of the farm is wiped when it next asks`);
            })
          }
        >
          Take away
        </Button>
      </div>
      <Trouble problem={problem} />
    </li>
  );
}

const WORDS: Record<string, string> = {
  CODE_MADE: "a code laid open for",
  PAIRED: "let in by a code:",
  SIGNED_IN: "let in by passphrase:",
  SIGNED_OUT: "signed out:",
  TAKEN_AWAY: "taken away from",
  WRONG_CODE: "a wrong code",
  WRONG_PASSPHRASE: "a wrong passphrase",
  CODES_VOID: "too many wrong codes: all that lay open are void",
  RIGHTS_SET: "rights set for",
  PASSPHRASE_SET: "passphrase set or taken for",
};

interface Happened {
  id: number;
  at: string;
  kind: string;
  personName?: string;
  device?: string;
  address?: string;
}

const eventWords = ({ kind, personName, device, address }: Happened) =>
  [WORDS[kind] ?? kind, personName, device && `on ${device}`, address && `from ${address}`]
    .filter(Boolean)
    .join(" ");

function Events({ events }: { events: Happened[] }) {
  if (events.length === 0) return null;
  return (
    <>
      <PartHeading>At the shared door, the newest first</PartHeading>
      <ol className="text-[14px]">
        {events.map((event) => (
          <li key={event.id} className="grid grid-cols-[136px_1fr] gap-x-3 border-line border-t py-1">
            <span className="text-soft">{whenWords(event.at)}</span>
            <span className={event.kind.startsWith("WRONG") ? "text-alarm" : ""}>{eventWords(event)}</span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** "14 May, 16:05", by this device's clock and place. */
function whenWords(at: string) {
  return `${dayWords(isoDay(new Date(at)))}, ${hourWords(at)}`;
}
