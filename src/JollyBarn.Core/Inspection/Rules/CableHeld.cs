using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every cable is held at the box by a clamp or connector, save where the exception for small plastic boxes holds.</summary>
/// <remarks>NEC 314.17(B), (C), 300.15. The exception: a nonmetallic one-gang box up to 2 1/4 × 4 in, the cable through a knockout for cables, fastened within 8 in along the sheath, 1/4 in of sheath inside.</remarks>
public sealed class CableHeld() : BoxRule("cable-held", "Cable held", "A cable that slides pulls on its joints.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Entry is not null && c.Run.Type is not CableType.Raceway))
        {
            var name = BoxLook.CableName(cable);
            yield return cable.Entry!.Holding switch
            {
                Holding.InternalClamp or Holding.OutsideConnector => Fine(cable.Id, $"Held at the box: {name}.", "314.17(B)", [.. cable.Leads]),
                Holding.Unknown => AskOf(cable.Id, $"What holds {name} at the box?", "314.17(B)", [], [.. cable.Leads]),
                Holding.Flap or Holding.Nothing when Excepted(look) => ByException(look, cable, name),
                Holding.Flap => Fine(cable.Id, $"Held by the box's own flap: {name}.", "314.17(C)", [.. cable.Leads]),
                _ => Fix(cable.Id, $"Nothing holds {name} at the box.", "314.17(B)", [.. cable.Leads]),
            };
        }
    }

    /// <summary>True for the small nonmetallic boxes of the exception.</summary>
    private static bool Excepted(BoxLook look) => look.Box is { Material: BoxMaterial.Nonmetallic, Gangs: 1, Shape: BoxShape.Device };

    private Finding ByException(BoxLook look, CableHere cable, string name)
    {
        var ids = cable.Leads.ToArray();
        var limit = look.Limits["cable.fastener.free"];
        return look.Fished(cable.Id) == true ? Fix(cable.Id, $"Fished, so no fastener is near, and nothing holds {name} at the box: it needs a clamp.", limit.Article, ids)
            : look.Tape(cable.Id, "fastener") is { } at ? AtMost(look, cable.Id, at, "cable.fastener.free", $"First fastener along the sheath where the box has no clamp, {name}") with { Ids = ids }
            : Ask(cable.Id, $"The box has no clamp: is {name} fastened within {look.Limits.Inches("cable.fastener.free")} along the sheath?", limit.Article, "fastener") with { Ids = ids };
    }
}
