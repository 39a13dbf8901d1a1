import { setSettings, useSettings } from "../api/settings";
import { signsIn } from "../model/me";
import { Ask, Choice } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";

export default function LookSheet({ onClose }: { onClose: () => void }) {
  const now = useSettings();
  return (
    <Sheet title={words.look} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        <Choice
          label={words.settings.theme}
          value={now.theme}
          onChange={(theme) => setSettings({ theme })}
          options={[
            ["light", words.settings.light],
            ["dark", words.settings.dark],
            ["contrast", words.settings.contrast],
          ]}
        />
        <Choice
          label={words.settings.units}
          value={now.units}
          onChange={(units) => setSettings({ units })}
          options={[
            ["inch", words.settings.inch],
            ["metric", words.settings.metric],
          ]}
        />
        <Choice
          label={words.settings.hand}
          value={now.hand}
          onChange={(hand) => setSettings({ hand })}
          options={[
            ["right", words.settings.right],
            ["left", words.settings.left],
          ]}
        />
        {!signsIn && <Ask label={words.settings.who} value={now.who} onKeep={(who) => who && setSettings({ who })} />}
      </div>
    </Sheet>
  );
}
