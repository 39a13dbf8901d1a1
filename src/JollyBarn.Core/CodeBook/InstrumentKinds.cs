namespace JollyBarn.CodeBook;

/// <summary>An instrument in generic words.</summary>
/// <param name="Proves">True when its reading may count as proof of dead; a pen or a plug-in tester alone may not.
/// <em>Practice</em>.</param>
/// <param name="Cannot">What it cannot see, in one sentence.</param>
public sealed record InstrumentKind(string Id, string Name, bool Proves, string Cannot);

public static class InstrumentKinds
{
    public static IReadOnlyList<InstrumentKind> All { get; } =
    [
        new("two-pole", "two-pole tester", true, "Little: it loads what it reads, so ghosts are gone."),
        new(
            "low-impedance",
            "low-impedance meter",
            true,
            "With an open neutral and an unbonded box it reads 0 between hot and box while hot is live; read to an independent ground."
        ),
        new("meter", "high-impedance meter", true, "It shows ghost voltages of conductors that only lie beside live ones."),
        new("pen", "non-contact pen", false, "It feels the field of a conductor, not its voltage to anything; not proof."),
        new(
            "plug-in",
            "plug-in tester",
            false,
            "It sees three lamps' worth of a receptacle: not neutral and ground exchanged, not a jumper; not proof."
        ),
        new("continuity", "continuity tester", false, "For dead circuits only; it would be hurt, and hurt you, on a live one."),
    ];

    public static InstrumentKind? Find(string? id) => All.FirstOrDefault(k => k.Id == id);
}
