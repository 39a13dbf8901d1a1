using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Some wiring is for a licensed electrician.</summary>
/// <remarks>Practice: aluminum branch wiring, old two-wire that crumbles, burnt or wet equipment; local rules may reserve more.</remarks>
public sealed class LicensedWork() : BoxRule("licensed", "Bring an electrician", "Some faults are made worse by mending them.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var burnt = look.Ended.Where(l => look.Answer(l.Id, "damage") == "burnt").Select(l => l.Id).ToArray();
        if (burnt.Length > 0)
        {
            yield return Better(burnt[0], "Burnt or crumbling conductors go on beyond the box: bring a licensed electrician.", "practice", burnt);
        }

        if (look.Box.Leads.Values.Any(l => l.Metal == Metal.Aluminum && l.Run is not null))
        {
            yield return Better(Subjects.Box, "Aluminum branch wiring: bring a licensed electrician.", "practice", [.. look.Box.Leads.Where(l => l.Value.Metal == Metal.Aluminum).Select(l => l.Key)]);
        }
    }
}
