/** The textures of the stages, once on a page: no stage is told by its colour alone. */
export function StageTextures() {
  const stroke = { stroke: "var(--onsea)", strokeOpacity: 0.45, strokeWidth: 1 };
  return (
    <svg width={0} height={0} aria-hidden="true" className="absolute">
      <defs>
        <pattern id="stage-S" width={7} height={7} patternUnits="userSpaceOnUse">
          <rect width={7} height={7} fill="var(--stage-S)" />
          <circle cx={3.5} cy={3.5} r={1} fill="var(--onsea)" fillOpacity={0.5} />
        </pattern>
        <pattern id="stage-P" width={6} height={6} patternUnits="userSpaceOnUse">
          <rect width={6} height={6} fill="var(--stage-P)" />
          <path d="M0 6 L6 0" {...stroke} />
        </pattern>
        <pattern id="stage-F" width={5} height={5} patternUnits="userSpaceOnUse">
          <rect width={5} height={5} fill="var(--stage-F)" />
          <path d="M2.5 0 V5" {...stroke} />
        </pattern>
        <pattern id="stage-H" width={6} height={6} patternUnits="userSpaceOnUse">
          <rect width={6} height={6} fill="var(--stage-H)" />
          <path d="M0 3 H6" stroke="#12262b" strokeOpacity={0.25} strokeWidth={1} />
        </pattern>
        <pattern id="stage-M" width={4} height={4} patternUnits="userSpaceOnUse">
          <rect width={4} height={4} fill="var(--stage-M)" />
        </pattern>
        <pattern id="stage-R" width={8} height={8} patternUnits="userSpaceOnUse">
          <rect width={8} height={8} fill="var(--stage-R)" />
          <path d="M0 0 L8 8 M8 0 L0 8" {...stroke} strokeOpacity={0.2} />
        </pattern>
      </defs>
    </svg>
  );
}
