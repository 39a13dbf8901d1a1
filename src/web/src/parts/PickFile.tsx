import { useRef, type ComponentProps } from "react";
import { Button } from "./controls";

/** A button that asks for a file, any number of times for the same one. */
export function PickFile({
  accept,
  label,
  onFile,
  ...button
}: { accept: string; label: string; onFile: (file: File) => void } & Omit<ComponentProps<typeof Button>, "onClick">) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file) onFile(file);
        }}
      />
      <Button {...button} onClick={() => input.current?.click()}>
        {button.children ?? label}
      </Button>
    </>
  );
}
