import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from "@headlessui/react";
import type { ReactNode } from "react";
import { X } from "lucide-react";
import { words } from "../words";

export type SheetProps = { title: string; open: boolean; onClose: () => void; children: ReactNode };

export default function SheetBody({ title, open, onClose, children }: SheetProps) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-[rgb(0_0_0/0.5)]" />
      <div className="fixed inset-0 flex items-end justify-center sm:items-center sm:p-6">
        <DialogPanel className="flex max-h-[92dvh] w-full max-w-xl flex-col rounded-t-2xl border-2 border-ink bg-lime sm:rounded-2xl">
          <div className="flex items-center justify-between gap-4 border-b-2 border-rule px-5 py-3">
            <DialogTitle className="text-lg font-bold">{title}</DialogTitle>
            <button type="button" aria-label={words.close} onClick={onClose} className="grid size-11 place-items-center rounded-lg">
              <X size={22} aria-hidden />
            </button>
          </div>
          <div className="overflow-auto p-5">{children}</div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
