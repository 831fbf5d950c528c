import { useEffect, useState } from "react";

/** How a round is gone through. */
export type Order = "walk" | "risk" | "code";

interface Here {
  day: string;
  spotId?: number;
  code?: string;
  order: Order;
}

const KEPT = "lantern-round";

const read = (): Here | undefined => {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? "null") ?? undefined;
  } catch {
    return undefined;
  }
};

/** Where a round stands, kept on this device: one left in the middle comes back where it was, on the same day. */
export function useHere(day: string | undefined, spotId: number | undefined) {
  const [kept] = useState(read);
  const same = kept && kept.day === day && kept.spotId === spotId ? kept : undefined;
  const [code, setCode] = useState<string>();
  const [order, setOrder] = useState<Order>(kept?.order ?? "walk");
  useEffect(() => {
    if (day && (code || order !== kept?.order))
      localStorage.setItem(KEPT, JSON.stringify({ day, spotId, code: code ?? kept?.code, order }));
  }, [day, spotId, code, order, kept]);
  return { code: code ?? same?.code, setCode, order, setOrder };
}
