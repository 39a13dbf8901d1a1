namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is not hurt.</summary>
/// <remarks>NEC 110.12(B), 334.30; bare copper within reach can hurt somebody now.</remarks>
public sealed class CableDamage() : BoxRule("cable-damage", "Cable hurt", "What is cut today arcs tomorrow.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            var name = BoxLook.CableName(cable);
            var verdict = look.Answer(cable.Id, "cable-damage") switch
            {
                "conductor" => Stop(cable.Id, $"{name[..1].ToUpperInvariant()}{name[1..]} is hurt down to a conductor.", "110.12(B)", ["Switch the breaker off and tag it.", "Prove it dead before touching the place.", "Keep people and water away until it is repaired in a box or replaced."], [.. cable.Leads]),
                "sheath" => Fix(cable.Id, $"The sheath of {name} is hurt.", "334.30, 110.12(B)", [.. cable.Leads]),
                "none" => Fine(cable.Id, $"Not hurt: {name}.", "110.12(B)", [.. cable.Leads]),
                _ => AskOf(cable.Id, $"Is {name} hurt?", "110.12(B)", [new(cable.Id, "cable-damage")], [.. cable.Leads]),
            };
            yield return verdict;
        }
    }
}
