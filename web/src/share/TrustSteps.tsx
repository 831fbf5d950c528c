import { PartHeading } from "../ui/parts";

const LINE = { fill: "none", stroke: "currentColor", strokeWidth: 1.6, strokeLinecap: "round" } as const;

/** How a phone comes to trust the farm, so that it no longer warns: three steps. */
export function TrustSteps() {
  return (
    <section className="mt-8 border-line border-t">
      <PartHeading>Does this phone warn of the farm’s address? Once, in three steps</PartHeading>
      <ol className="grid gap-4">
        <Step drawing={<Fetched />}>
          <b>Fetch the farm’s seal.</b>{" "}
          <a className="text-sea underline" href="/api/share/authority.crt">
            bay-lantern-farm.crt
          </a>
          . If the phone asks, it is to be kept.
        </Step>
        <Step drawing={<Compared />}>
          <b>Compare before you trust.</b> Open the file in the phone’s settings (security, certificates) and
          look at its SHA-256 mark. It must be the one on the farm’s own screen, all eight groups. If it is
          not, stop: something else answers at this address.
        </Step>
        <Step drawing={<Trusted />}>
          <b>Let the phone trust it</b> as an authority for pages; some phones want that switched on in a
          second place. Then open this address again: no warning is left.
        </Step>
      </ol>
      <p className="mt-3 text-[14px] text-soft">
        The seal speaks for addresses of networks like the farm’s only, never for any place elsewhere. When
        the phone leaves the farm for good, take the seal out of its settings again.
      </p>
    </section>
  );
}

function Step({ drawing, children }: { drawing: React.ReactNode; children: React.ReactNode }) {
  return (
    <li className="grid grid-cols-[88px_1fr] items-start gap-4">
      <svg viewBox="0 0 88 64" className="h-16 w-[88px] text-ink" aria-hidden="true">
        {drawing}
      </svg>
      <p className="text-[15.5px]">{children}</p>
    </li>
  );
}

const Phone = ({ x }: { x: number }) => <rect x={x} y={4} width={30} height={56} rx={4} {...LINE} />;

/** A leaf with a lantern's flame, as a seal. */
const Seal = ({ x, y }: { x: number; y: number }) => (
  <g transform={`translate(${x} ${y})`}>
    <circle r={7.5} {...LINE} />
    <path d="M0 3.6c-3-2-2.6-4.4 0-7.4 2.600 3 3 5.400 0 7.400z" fill="var(--lantern)" />
  </g>
);

const Fetched = () => (
  <>
    <Phone x={54} />
    <path d="M4 50h22V22L15 13 4 22zM11 50V37h8v13" {...LINE} />
    <path d="M31 32h14m-5-4 5 4-5 4" {...LINE} />
    <Seal x={69} y={32} />
  </>
);

const Compared = () => (
  <>
    <Phone x={54} />
    <rect x={3} y={10} width={38} height={30} rx={2} {...LINE} />
    <path d="M22 40v9m-9 0h18" {...LINE} />
    <path d="M9 20h26M9 26h26M60 24h18M60 30h18" {...LINE} strokeDasharray="5 2.500" />
    <path d="M45 22h5m-5 6h5" {...LINE} />
  </>
);

const Trusted = () => (
  <>
    <Phone x={29} />
    <Seal x={44} y={26} />
    <path d="m38 44 4.500 4.500 8-9" {...LINE} strokeWidth={2.4} />
  </>
);
