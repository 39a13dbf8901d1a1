using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>A step that was marked as done, as far as its key tells what it was.</summary>
public static class PastStep
{
    /// <param name="box">The box with what is planned and what is there still.</param>
    /// <returns>Null for a mark of an unknown step, as a later program may have left.</returns>
    public static CardStep? Of(Tick tick, Box box)
    {
        ArgumentNullException.ThrowIfNull(tick);
        ArgumentNullException.ThrowIfNull(box);
        var key = tick.Step.Split('~')[0];
        var (name, of) = key.IndexOf('.', StringComparison.Ordinal) is >= 0 and var dot ? (key[..dot], key[(dot + 1)..]) : (key, "");
        return Enum.TryParse<StepCase>(name, true, out var what)
            ? new(tick.Step, StepStage.Dead, what, About(what, of, box), [], [])
            : null;
    }

    private static Details About(StepCase what, string of, Box box)
    {
        var device = box.Devices.Has(of) ? of : of[..Math.Max(0, of.LastIndexOf('.'))];
        var role = what == StepCase.Terminal && Enum.TryParse<TerminalRole>(of[(of.LastIndexOf('.') + 1)..], true, out var r) ? r : default;
        return what switch
        {
            StepCase.Joint or StepCase.OpenJoint => Details.Of([("joint", Thing.Joint(of))]),
            StepCase.TailOut or StepCase.CutLoop or StepCase.Identify or StepCase.TrimLead => Details.Of([("lead", Thing.Lead(of))]),
            StepCase.PlateOff or StepCase.PartOff or StepCase.PartOn or StepCase.PlateOn => Details.Of([
                ("part", box.Parts.Find(of) is { } part ? new Thing(ThingKind.PartKind, part.Kind) : null),
            ]),
            StepCase.Entry => Details.Of([("state", box.Entries.Find(of)?.State ?? EntryState.Closed)]),
            StepCase.CableOut => Details.Of([("cable", new Thing(ThingKind.Cable, of))]),
            StepCase.Screw => Details.Of([("at", new Landing(LandingAt.BondingScrew, Place: of.Length > 0 ? of : null))]),
            _ => Details.Of([("device", device.Length > 0 ? Thing.Device(device) : null), ("role", role)]),
        };
    }
}
