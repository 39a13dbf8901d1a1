using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hook goes clockwise round its screw.</summary>
/// <remarks>Practice, and most instructions: 110.3(B).</remarks>
public sealed class Hook() : BoxRule("hook", "Hook", "The other way the screw pushes it out.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _) in look.Ended.Where(l => l.Lead.Lands.At == LandingAt.Terminal && look.Answer(l.Id, "hook") is not null))
        {
            yield return look.Answer(id, "hook") == "clockwise" ? Fine(id, "Its hook goes clockwise.", "practice") : Better(id, $"The hook of the {look.Called(id)} does not go clockwise round its screw.", "practice");
        }
    }
}
