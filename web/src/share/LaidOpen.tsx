import { useEffect, useState } from "react";
import { Overlay } from "../ui/Overlay";
import { Button } from "../ui/parts";
import { type Code, type Device, halves, type Rights, ROLES, type Role, withdrawCode } from "./shareApi";

/** A code that lies open: to be scanned or typed on the device that is let in. */
export function LaidOpen(props: {
  person: Rights;
  role: Role;
  code: Code;
  /** The devices there were when it was laid open tell which one is new. */
  known: Device[];
  onClose: () => void;
}) {
  const { person, role, code, known, onClose } = props;
  const [before] = useState(() => new Set(known.map((device) => device.id)));
  const left = useLeft(code.until);
  const letIn = known.find((device) => !before.has(device.id) && device.personId === person.personId);
  const close = () => {
    if (!letIn && left > 0) withdrawCode(person.personId).catch(() => {});
    onClose();
  };
  return (
    <Overlay
      open
      title={`A device for ${person.name}`}
      description={`What ${person.name} may do on it: ${ROLES[role]}.`}
      onClose={close}
    >
      {letIn ? (
        <p role="status" className="text-[17px]">
          <b>{letIn.name}</b> is in, as {person.name}: {ROLES[role]}.
        </p>
      ) : left > 0 ? (
        <div className="flex flex-wrap items-center gap-x-7 gap-y-4">
          <svg
            viewBox={`-3 -3 ${code.side + 6} ${code.side + 6}`}
            className="w-[230px] rounded bg-white"
            role="img"
            aria-label="Square code that leads the phone here with this code"
            shapeRendering="crispEdges"
          >
            <path d={code.dots} fill="#000" />
          </svg>
          <div className="min-w-[220px] flex-1">
            <p>
              Point the phone’s camera at the square, or open <b className="code">{code.address}</b> and type
            </p>
            <p className="code my-2 text-[38px] tracking-[.08em]">{halves(code.code)}</p>
            <p className="text-soft" aria-live="off">
              Lets one device in, within {Math.floor(left / 60)} min {left % 60} s. Show it to nobody else.
            </p>
          </div>
        </div>
      ) : (
        <p role="status">The ten minutes are over; this code lets nobody in any more.</p>
      )}
      <div className="mt-4">
        <Button strong={letIn !== undefined} onClick={close}>
          {letIn ? "Good" : left > 0 ? "Withdraw the code" : "Close"}
        </Button>
      </div>
    </Overlay>
  );
}

/** Seconds left until a moment, counted down. */
function useLeft(until: string) {
  const seconds = () => Math.max(0, Math.round((Date.parse(until) - Date.now()) / 1000));
  const [left, setLeft] = useState(seconds);
  useEffect(() => {
    const timer = setInterval(() => setLeft(seconds()), 1000);
    return () => clearInterval(timer);
  });
  return left;
}
