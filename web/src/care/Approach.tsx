import { useEffect, useState } from "react";
import { Button } from "../ui/parts";

const MINUTE_MS = 60_000;
const HOUR_MIN = 60;

/** The two plants of an approach graft and where they are severed, in order. */
function Severance() {
  return (
    <svg
      width={250}
      height={132}
      viewBox="0 0 250 132"
      role="img"
      aria-label="First cut: the scion plant below the union. Second cut: the stock above the union."
    >
      <g strokeLinecap="round" fill="none">
        <path d="M92 126V20" stroke="var(--stage-R)" strokeWidth={11} />
        <path d="M150 126C150 96 104 92 104 66V10" stroke="var(--leaf)" strokeWidth={9} />
        <path d="M86 74l24-12M86 62l24-12M86 68l24-12" stroke="var(--soft)" strokeWidth={2.4} />
        <path d="M128 104l22-16" stroke="var(--alarm)" strokeWidth={3} />
        <path d="M80 44l22-12" stroke="var(--alarm)" strokeWidth={3} strokeDasharray="5 4" />
      </g>
      <g fontSize={13} fill="var(--ink)">
        <text x={158} y={92}>
          1 scion, below
        </text>
        <text x={4} y={36}>
          2 stock,
        </text>
        <text x={4} y={50}>
          above
        </text>
        <text x={116} y={66}>
          union
        </text>
      </g>
      <path d="M60 127h130" stroke="var(--line)" strokeWidth={2} />
    </svg>
  );
}

const keptAt = (code: string) => `lantern-twig-${code}`;

/** The hour of the severed twig, kept on this device. */
function TwigTimer({ code }: { code: string }) {
  const [since, setSince] = useState(() => Number(localStorage.getItem(keptAt(code)) ?? 0));
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!since) return;
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [since]);
  const set = (at: number) => {
    if (at) localStorage.setItem(keptAt(code), `${at}`);
    else localStorage.removeItem(keptAt(code));
    setSince(at);
    setNow(Date.now());
  };
  const minutes = Math.max(0, Math.floor((now - since) / MINUTE_MS));
  if (!since) return <Button onClick={() => set(Date.now())}>The twig is tied: start its hour</Button>;
  return (
    <p className="flex flex-wrap items-center gap-3">
      <b className="code text-[20px]" role="timer">
        {minutes} min
      </b>
      {minutes >= HOUR_MIN ? "The hour is over: look now." : `Look again and again until ${HOUR_MIN} min.`}
      <Button onClick={() => set(0)}>Stop</Button>
    </p>
  );
}

/** What an approach graft wants now: the twig and what it means, or the two cuts. */
export function Approach({ code, kinds }: { code: string; kinds: string[] }) {
  const test = kinds.includes("TWIG_TEST");
  const sever = kinds.includes("SEVER");
  if (!test && !sever) return null;
  return (
    <div className="my-2 flex flex-wrap items-center gap-x-6 gap-y-2">
      {sever && (
        <>
          <Severance />
          <p className="max-w-[44ch] text-[15px]">
            Water both plants the evening before. Cut the scion plant below the union first: the union then
            feeds it alone. Cut the stock above the union second. Then ties off, fruit off, and root what was
            cut away.
          </p>
        </>
      )}
      {test && (
        <div className="text-[15px]">
          <p className="max-w-[60ch]">
            Cut a twig of the scion plant and tie it beside the union. If the twig wilts and the scion stays
            fresh, the union feeds it. If both wilt, or both stay fresh in damp air, it says nothing yet: wait
            two weeks.
          </p>
          <div className="mt-2">
            <TwigTimer code={code} />
          </div>
        </div>
      )}
    </div>
  );
}
