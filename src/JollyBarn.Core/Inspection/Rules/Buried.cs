using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A buried cable or raceway lies deep enough.</summary>
/// <remarks>NEC Table 300.5 (300.5(A) in 2023), top of it to the surface. Column 1, cable; 2, rigid metal conduit; 3, other raceway; 4, a
/// residential branch circuit of at most 120 V and 20 A with GFCI ahead of the buried part, in cable or raceway.</remarks>
public sealed class Buried() : BoxRule("buried")
{
    public enum Case
    {
        AskCover,
        AskRaceway,
        AskBreaker,
        AskGfci,

        /// <summary>Deep enough only with protection ahead, which a mark or an answer has and the wiring does not.</summary>
        SaidGuarded,
    }

    /// <summary>Limit of column 4 by what lies over it; the other places have no smaller one there.</summary>
    private static readonly Dictionary<BuriedUnder, string> WithGuard = new()
    {
        [BuriedUnder.Soil] = "buried.gfci",
        [BuriedUnder.Concrete] = "buried.concrete.gfci",
        [BuriedUnder.Drive] = "buried.drive.gfci",
    };

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type is CableType.UfB or CableType.Raceway
        let depth = look.Read(CableFacts.Buried, cable.Id)
        where depth is not null
        select Judge(look, cable, depth.Value).Pointing(cable.Leads);

    /// <summary>The least cover without column 4: by what it is and what lies over it.</summary>
    /// <param name="raceway">What the raceway is; null for a cable.</param>
    public static string Limit(BuriedUnder over, RacewayKind? raceway)
    {
        var kind = raceway switch
        {
            null => "",
            RacewayKind.RigidMetal => ".rigid",
            _ => ".raceway",
        };
        return over switch
        {
            BuriedUnder.Road => "buried.road",
            BuriedUnder.Drive => "buried.drive",
            BuriedUnder.Concrete => $"buried.concrete{kind}",
            _ => raceway is null ? "buried.cable" : $"buried{kind}",
        };
    }

    /// <summary>The number of column 4 for what lies over it; null where it has none.</summary>
    public static string? Guarded(BuriedUnder over) => WithGuard.GetValueOrDefault(over);

    /// <summary>The least cover with protection ahead; null where that column does not hold, or nobody knows the breaker.</summary>
    public static Length? WithGfci(BoxLook look, CableHere cable, BuriedUnder over) =>
        WithGuard.TryGetValue(over, out var limit) && SmallCircuit(look, cable) == true ? look.Limits.Inches(limit) : null;

    private Finding Judge(BoxLook look, CableHere cable, Length depth)
    {
        if (look.Read(CableFacts.Over, cable.Id) is not { } over)
        {
            return depth >= look.Limits.Inches("buried.road")
                ? Fine(look, cable, depth, "buried.road")
                : Ask(cable.Id, Case.AskCover, [CableFacts.Over], ("at", depth), ("cable", cable.Thing)).By("buried.cable");
        }

        if (cable.Run.Type != CableType.Raceway)
        {
            return Judge(look, cable, depth, over, null);
        }

        if (look.Read(CableFacts.Raceway, cable.Id) is { } raceway)
        {
            return Judge(look, cable, depth, over, raceway);
        }

        // Until somebody says what it is, the two kinds that differ most decide where they agree.
        var (least, most) = (Judge(look, cable, depth, over, RacewayKind.RigidMetal), Judge(look, cable, depth, over, RacewayKind.Plastic));
        return least.Verdict == most.Verdict
            ? most
            : Ask(cable.Id, Case.AskRaceway, [CableFacts.Raceway], ("at", depth), ("cable", cable.Thing)).By(most.Limit!);
    }

    private Finding Judge(BoxLook look, CableHere cable, Length depth, BuriedUnder over, RacewayKind? raceway)
    {
        (string, object?)[] details = [("at", depth), ("cable", cable.Thing)];
        var plain = Limit(over, raceway);
        if (depth >= look.Limits.Inches(plain) || !WithGuard.TryGetValue(over, out var guarded) || depth < look.Limits.Inches(guarded))
        {
            return Fine(look, cable, depth, plain);
        }

        return SmallCircuit(look, cable) switch
        {
            false => Fine(look, cable, depth, plain),
            null => AskOf(cable.Id, Case.AskBreaker, [], details).By(guarded),
            _ => Protected.Ahead(look, cable) switch
            {
                true => Fine(look, cable, depth, guarded),
                false => Unguarded(look, cable, depth, plain),
                null => AskOf(cable.Id, Case.AskGfci, [new(Subjects.Box, WallFacts.GfciAhead)], details).By(guarded),
            },
        };
    }

    /// <summary>Too little without protection; a mark or an answer that has one is named beside the wiring that has none.</summary>
    private Finding Unguarded(BoxLook look, CableHere cable, Length depth, string plain)
    {
        if (!Protected.SaidAhead(look, cable))
        {
            return Fine(look, cable, depth, plain);
        }

        var least = look.Limits.Inches(plain);
        return Fix(cable.Id, Case.SaidGuarded, ("at", depth), ("limit", least), ("by", least - depth), ("cable", cable.Thing)).By(plain);
    }

    private Finding Fine(BoxLook look, CableHere cable, Length depth, string limit) =>
        AtLeast(look, cable.Id, depth, limit, details: [("cable", cable.Thing)]);

    /// <summary>True for a circuit of one pole and 20 A at most; null where nobody knows the breaker.</summary>
    private static bool? SmallCircuit(BoxLook look, CableHere cable)
    {
        var breakers = look.BreakersOf(cable.Leads.Select(l => look.Wires.Lead(look.Box, l)));
        var found =
            breakers.Count > 0 ? breakers
            : look.BreakerOf(cable.Run.Circuit) is { } said ? [said]
            : [];
        return found.Count == 0 || found.Any(b => b.Amperes is null) ? null : found is [{ Poles: 1, Amperes: <= 20 }];
    }
}
