using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Edits of what is wrong, each with one that cannot be.</summary>
internal static class EditsOfTroubles
{
    private const string At = "2026-09-20T09:00:00Z";

    private static readonly Observed Seen = new(new(LookKind.Warmth, "b"), SeenCase.Warm, "Ines", At);

    private static readonly FoundFault Found = new("b", "PoorJoint", "lead=Lead:r0.a0", "Ines", At);

    /// <summary>What stands before the examples.</summary>
    public static Edit[] Before { get; } =
    [
        new OpenComplaint("t", "It flickers", "Ines", At),
        new Observe("t", "o1", Seen with { Setup = new(["r0.a"]) }),
        new SayWorked("t", "w1", new("b", "Tomas")),
        new FindCause("t", "f1", Found),
        new OpenComplaint("plain", "It hums", "Ines", At),
        new OpenComplaint("old", "It tripped", "Ines", At),
        new CloseComplaint("old", At),
        new LogTested("a1", new(Seen with { Shows = SeenCase.Cool })),
    ];

    public static (Edit Good, Edit Impossible)[] Examples { get; } =
    [
        (new OpenComplaint("t2", "Half the room is dead", "Ines", At), new OpenComplaint("t", "Again", "Ines", At)),
        (new Observe("t", "o2", Seen), new Observe("t", "o2", Seen with { Look = new(LookKind.Instrument, "leg:p/0") })),
        (new StrikeObserved("t", "o1"), new StrikeObserved("t", "none")),
        (new SayWorked("t", "w2", new("b", "Tomas", "in spring")), new SayWorked("t", "w2", new("none", "Tomas"))),
        (new UnsayWorked("t", "w1"), new UnsayWorked("t", "none")),
        (new PutBackApart("t", "r0.a"), new PutBackApart("t", "r1.a")),
        (new FindCause("t", "f2", Found with { Who = "Tomas" }), new FindCause("t", "f2", Found with { Change = "none" })),
        (new DropCause("t", "f1"), new DropCause("t", "none")),
        (new CloseComplaint("plain", At), new CloseComplaint("t", At)),
        (new ReopenComplaint("old"), new ReopenComplaint("t")),
        (new LogTested("a2", new(Seen)), new LogTested("a1", new(Seen))),
        (new StrikeTested("a1"), new StrikeTested("none")),
    ];
}
