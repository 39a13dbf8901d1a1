using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The ground is held to the box by a screw used for nothing else, or a listed clip.</summary>
/// <remarks>NEC 250.8(A), 250.148(C). A cover or clamp screw does not count.</remarks>
public sealed class BondScrew() : BoxRule("bond-screw", "Bonding screw", "A screw that holds something else is loosened with it, and the bond with it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Box.Leads.Values.Any(l => l.Lands.At == LandingAt.BondingScrew) && !look.Box.Pigtails.Values.Any(t => t.From.At == LandingAt.BondingScrew || t.To.At == LandingAt.BondingScrew))
        {
            yield break;
        }

        const string article = "250.8(A), 250.148(C)";
        yield return look.Answer(Subjects.Box, "bond-screw") switch
        {
            null => Ask(Subjects.Box, "What screw holds the ground to the box?", article, "bond-screw"),
            "screw" or "clip" => Fine(Subjects.Box, "The bond has a screw or clip of its own.", article),
            "wood" => Fix(Subjects.Box, "The ground is under a wood or sheet-metal screw.", article),
            var other => Fix(Subjects.Box, $"The ground is under a {other} screw.", article),
        };
    }
}
