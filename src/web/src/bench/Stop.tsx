/** A stop of the walk through the picture: a place to press or to come to by keys, over what it names. */
export function Stop({
  walk,
  target,
  says,
  pressed,
  disabled,
  x,
  y,
  width,
  height,
  onChoose,
}: {
  walk: string;
  /** Key of the place, of one that something held may land on. */
  target?: string;
  says: string;
  pressed?: boolean;
  disabled?: boolean;
  x: number;
  y: number;
  width: number;
  height: number;
  onChoose?: (event: { shiftKey: boolean }) => void;
}) {
  return (
    <rect
      role="button"
      tabIndex={-1}
      data-walk={walk}
      data-key={target}
      aria-label={says}
      aria-pressed={pressed}
      aria-disabled={disabled}
      className="bench-stop"
      x={x}
      y={y}
      width={width}
      height={height}
      rx="8"
      fill="transparent"
      style={{ cursor: "pointer" }}
      onClick={onChoose}
    />
  );
}
