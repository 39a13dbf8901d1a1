/** A place in the picture one presses, by hand or by keys; what stands right after it with the class ring lights while it has the focus. */
export function Press({
  label,
  pressed,
  spot,
  breaker,
  onPress,
  ...room
}: {
  label: string;
  pressed?: boolean;
  spot?: string;
  breaker?: string;
  onPress: () => void;
  x: number;
  y: number;
  width: number;
  height: number;
}) {
  return (
    <rect
      {...room}
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={pressed}
      data-spot={spot}
      data-breaker={breaker}
      fill="transparent"
      rx="6"
      className="cursor-pointer outline-none [&:focus-visible+.ring]:opacity-100"
      onClick={onPress}
      onKeyDown={(e) => {
        if (e.key !== "Enter" && e.key !== " ") return;
        e.preventDefault();
        onPress();
      }}
    />
  );
}
