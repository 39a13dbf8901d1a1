using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Edits of make-up cards and of what is wrong, each with one that cannot be.</summary>
internal static class EditsOfCards
{
    private const string At = "2026-09-20T09:00:00Z";

    public static readonly Hold Board = new(HoldFor.Trade, "the board", ChangeStage.WallCloses, "Ines", At);

    public static (Edit Good, Edit Impossible)[] Examples { get; } =
    [
        (new TickStep("plan", "b", "joint.j", "Ines", At, "d1", "op.joint", "j"), new TickStep("plan", "b", "joint.j", "Ines", At, "none")),
        (new UntickStep("plan", "b", "cleanup"), new UntickStep("plan", "b", "joint.j")),
        (new CarryOut("plan", ["e1"]), new CarryOut("plan", ["none"])),
        (new SetStages("plan", WallIs.Open, PermitIs.Granted), new SetStages("none", WallIs.Open)),
        (new WaitFor("plan", "w2", Board), new WaitFor("plan", "w1", Board)),
        (new EndWait("plan", "w1", At), new EndWait("plan", "none", At)),
        (
            new RecordInspection("plan", "i2", new(ChangeStage.Rough, false, "the office", "Ines", At, ["staple at the bench box"])),
            new RecordInspection("plan", "i2", new(ChangeStage.Rough, true, "the office", "Ines", At, ["staple at the bench box"]))
        ),
        (new KeepPattern("make", "Feed-through", "wide", "Ines", At), new KeepPattern("make", "Feed-through", "binned", "Ines", At)),
        (new RemovePattern("kept"), new RemovePattern("none")),
        (new ForgetMinutes("op.joint"), new ForgetMinutes("op.lunch")),
        .. EditsOfTroubles.Examples,
    ];
}
