import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, must } from "../api/client";
import { useEntered } from "../model/me";
import { Button } from "../parts/controls";
import { say } from "../parts/Notices";
import { Nowhere } from "../parts/Nowhere";
import { crewWords as w } from "../words/crew";
import { Wrong } from "./Door";
import { Secret } from "./Secret";
import { when } from "./when";

/** Where one is signed in, and one's password. */
export default function Devices() {
  const client = useQueryClient();
  const entered = useEntered();
  const key = ["me", "sessions"];
  const mine = useQuery({ queryKey: key, queryFn: () => must(api.GET("/api/me/sessions")) });
  const again = () => client.invalidateQueries({ queryKey: key });
  const out = useMutation({
    mutationFn: (session: string) => must(api.POST("/api/me/sessions/end", { body: { session } })),
    onSettled: again,
  });
  const others = useMutation({ mutationFn: () => must(api.POST("/api/me/sessions/end-all")), onSettled: again });
  const leave = useMutation({ mutationFn: () => must(api.POST("/api/sign-out")), onSettled: () => entered(null) });
  if (mine.error) return <Nowhere error={mine.error} />;
  return (
    <div className="mx-auto flex max-w-2xl flex-col gap-6">
      <h1 className="text-2xl">{w.mine}</h1>
      <p>{w.mineSays}</p>
      <ul className="flex flex-col gap-2">
        {mine.data?.map((s) => (
          <li key={s.id} className="flex flex-wrap items-center gap-3 rounded-xl border-2 border-rule bg-card px-3 py-2">
            <span className="min-w-0 flex-1">
              <strong>{s.device}</strong> {s.this && <span className="text-leaf font-semibold">{w.thisOne}</span>}
              <span className="block text-sm text-ink-2">
                {w.seen(when(s.seen))}, {w.until(when(s.ends))}
              </span>
            </span>
            {s.this ? (
              <Button onClick={() => leave.mutate()}>{w.signOut}</Button>
            ) : (
              <Button look="stop" onClick={() => out.mutate(s.id)}>
                {w.out}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {(mine.data?.length ?? 0) > 1 && (
        <Button look="stop" className="self-start" onClick={() => others.mutate()}>
          {w.outOthers}
        </Button>
      )}
      <Password />
    </div>
  );
}

function Password() {
  const [old, setOld] = useState("");
  const [next, setNext] = useState("");
  const change = useMutation({
    mutationFn: () => must(api.POST("/api/me/password", { body: { old, new: next } })),
    onSuccess: () => {
      setOld("");
      setNext("");
      say(w.changed, "fine");
    },
  });
  return (
    <form
      className="flex max-w-md flex-col gap-3 border-t-2 border-rule pt-4"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <Secret label={w.oldPassword} value={old} onType={setOld} />
      <Secret label={w.newPassword} value={next} onType={setNext} hint={w.joinHint} isNew />
      <Button type="submit" className="self-start" disabled={old === "" || next === "" || change.isPending}>
        {w.change}
      </Button>
      <Wrong error={change.error} />
    </form>
  );
}
