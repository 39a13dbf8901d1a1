using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every cable is held at the box by a clamp or connector, save where the exception for small plastic boxes holds.</summary>
/// <remarks>NEC 314.17(B), (C), 300.15. The exception: a nonmetallic one-gang box up to 2 1/4 × 4 in, the cable through a knockout for
/// cables, fastened within 8 in along the sheath, 1/4 in of sheath inside.</remarks>
public sealed class CableHeld() : BoxRule("cable-held")
{
    public enum Case
    {
        Held,
        Ask,
        ByFlap,
        Nothing,
        FishedWithoutClamp,
        AskFastener,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Entry is not null && c.Run.Type is not CableType.Raceway))
        {
            yield return (
                cable.Entry!.Holding switch
                {
                    Holding.InternalClamp or Holding.OutsideConnector => Fine(cable.Id, Case.Held, ("cable", cable.Thing)),
                    Holding.Unknown => AskOf(cable.Id, Case.Ask, [], ("cable", cable.Thing)),
                    Holding.Flap or Holding.Nothing when Excepted(look) => ByException(look, cable),
                    Holding.Flap => Fine(cable.Id, Case.ByFlap, ("cable", cable.Thing)),
                    _ => Fix(cable.Id, Case.Nothing, ("cable", cable.Thing)),
                }
            ).Pointing(cable.Leads);
        }
    }

    /// <summary>True for the small nonmetallic boxes of the exception.</summary>
    internal static bool Excepted(BoxLook look) => look.Box is { Material: BoxMaterial.Nonmetallic, Gangs: 1, Shape: BoxShape.Device };

    private Finding ByException(BoxLook look, CableHere cable)
    {
        const string limit = "cable.fastener.free";
        return look.Read(CableFacts.Fastener, cable.Id) switch
        {
            _ when look.Fished(cable.Id) == true => Fix(cable.Id, Case.FishedWithoutClamp, ("cable", cable.Thing)).By(limit),
            { } at when at <= look.Limits.Inches(limit) && Stricter(look) is { } house && at > look.Limits.Inches(house) => AtMost(
                    look,
                    cable.Id,
                    at,
                    house,
                    Verdict.Better,
                    ("cable", cable.Thing)
                )
                .By(PracticeBook.Fastener),
            { } at => AtMost(look, cable.Id, at, limit, details: [("cable", cable.Thing)]),
            null => Ask(cable.Id, Case.AskFastener, [CableFacts.Fastener], ("cable", cable.Thing), ("limit", look.Limits.Inches(limit)))
                .By(limit),
        };
    }

    /// <summary>The house's own limit, where it has a stricter one.</summary>
    private static string? Stricter(BoxLook look) =>
        look.Practice.Says(PracticeBook.Fastener, "stricter") ? "cable.fastener.house.plastic" : null;
}
