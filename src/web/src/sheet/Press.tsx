import type { PointerEvent } from "react";

/** A place in the picture one presses, by hand or by keys; what stands right after it with the class ring lights while it has the focus. */
export function Press({
  label,
  pressed,
  spot,
  breaker,
  draw,
  quiet,
  onPress,
  onDown,
  ...room
}: {
  label: string;
  pressed?: boolean;
  spot?: string;
  breaker?: string;
  /** What it is called in drawing from one thing to another. */
  draw?: string;
  /** Only for the hand: keys reach the same elsewhere. */
  quiet?: boolean;
  onPress: () => void;
  onDown?: (event: PointerEvent) => void;
  x: number;
  y: number;
  width: number;
  height: number;
}) {
  return (
    <rect
      {...room}
      role="button"
      tabIndex={quiet ? -1 : 0}
      aria-label={label}
      aria-pressed={pressed}
      data-spot={spot}
      data-breaker={breaker}
      data-draw={draw}
      onPointerDown={onDown}
      fill="transparent"
      rx="6"
      className="cursor-pointer outline-none [&:focus-visible+.ring]:opacity-100 [&[data-over]+.ring]:opacity-100"
      onClick={onPress}
      onKeyDown={(e) => {
        if (e.key !== "Enter" && e.key !== " ") return;
        e.preventDefault();
        onPress();
      }}
    />
  );
}
