import { useEffect, useState } from "react";
import { useRules } from "../api/queries";
import { Button } from "../ui/parts";

const SECOND_MS = 1000;

interface Face {
  seconds?: number;
  running: boolean;
  toggle: () => void;
}

/** How long the cut face of a graft stands open, once somebody starts it. */
export function useFace(jobId?: number): Face {
  const [from, setFrom] = useState<number>();
  const [until, setUntil] = useState<number>();
  const [now, setNow] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another graft, another face
  useEffect(() => {
    setFrom(undefined);
    setUntil(undefined);
  }, [jobId]);
  const running = from !== undefined && until === undefined;
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), SECOND_MS);
    return () => clearInterval(tick);
  }, [running]);
  const seconds =
    from === undefined
      ? undefined
      : Math.max(0, Math.round(((until ?? Math.max(now, from)) - from) / SECOND_MS));
  const toggle = () => {
    if (running) return setUntil(Date.now());
    setFrom(Date.now());
    setNow(Date.now());
    setUntil(undefined);
  };
  return { seconds: seconds === undefined ? undefined : Math.min(3600, seconds), running, toggle };
}

/** Started by a tap when the face is cut, stopped by another when it is closed. */
export function FaceClock({ face }: { face: Face }) {
  const limit = useRules().data?.day.faceMinutes.value;
  const late = limit !== undefined && (face.seconds ?? 0) > limit * 60;
  return (
    <Button className={`min-h-12 ${late ? "border-alarm text-alarm" : ""}`} onClick={face.toggle}>
      {face.seconds === undefined
        ? "Face cut"
        : `${face.running ? "open" : "was open"} ${face.seconds} s${late ? ": cut it again" : ""}`}
    </Button>
  );
}
