namespace JollyBarn.Inspection.Rules;

/// <summary>The hots of a multiwire circuit are on different legs.</summary>
/// <remarks>NEC 210.4, 300.13: on one leg their currents add in the neutral.</remarks>
public sealed class MultiwireLegs() : BoxRule("multiwire-legs", "Legs of a multiwire", "On one leg the neutral carries both loads, and no breaker watches it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in MultiwireCables.In(look))
        {
            yield return look.Answer(cable.Id, "legs") switch
            {
                "same" => Stop(cable.Id, $"Both hots of {BoxLook.CableName(cable)} are on one leg: the neutral carries both.", "210.4", ["Switch both breakers off and tag them.", "Have a licensed electrician move one of them to the other leg.", "Read 240 V between the hots before anything is plugged in."], [.. cable.Leads]),
                "different" => Fine(cable.Id, "Its hots are on different legs.", "210.4", [.. cable.Leads]),
                _ => AskOf(cable.Id, $"Are the two hots of {BoxLook.CableName(cable)} on different legs?", "210.4", [new(cable.Id, "legs")], [.. cable.Leads]),
            };
        }
    }
}
