using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Neutrals of different circuits are not joined.</summary>
/// <remarks>NEC 200.4(A), 300.3(B): one circuit, one neutral, in the same cable.</remarks>
public sealed class NeutralsApart() : BoxRule("neutrals-apart")
{
    public enum Case
    {
        Joined,
        OneCircuit,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Cables.All(c => c.Run.Circuit is null))
        {
            yield break;
        }

        foreach (var joint in look.Box.Joints.Ids)
        {
            var neutrals = look.In(joint).Where(m => m.Use == ConductorUse.Neutral).ToList();
            var circuits = CircuitsIn(look, joint);
            if (circuits.Count > 1 && !OneMultiwire(look, joint))
            {
                yield return Stop(joint, Case.Joined, ("circuits", (Thing[])[.. circuits.Select(c => Thing.Circuit(c))]))
                    .Pointing([joint, .. neutrals.Select(n => n.Id.Text)]);
            }
            else if (circuits.Count > 0 && neutrals.Count > 1)
            {
                yield return Fine(joint, Case.OneCircuit);
            }
        }
    }

    /// <summary>True where every hot beside these neutrals hangs on one cable of two hots: a multiwire circuit, whatever its branches are
    /// called.</summary>
    private static bool OneMultiwire(BoxLook look, Id<Joint> joint)
    {
        var inside = look.In(joint).Where(m => m.Use == ConductorUse.Neutral).Select(m => m.Id).ToHashSet();
        var here = look.Cables.Where(c => c.Leads.Any(inside.Contains)).ToList();
        return here.Exists(trunk =>
            MultiwireCables.Hots(look, trunk).Count() > 1
            && here.TrueForAll(c =>
                c == trunk || MultiwireCables.Hots(look, c).All(h => MultiwireCables.Hots(look, trunk).Any(t => look.Touching.Joined(h, t)))
            )
        );
    }

    /// <summary>Circuits of the cables whose neutrals meet in a joint, as far as recorded.</summary>
    internal static IReadOnlyList<Id<Circuit>> CircuitsIn(BoxLook look, Id<Joint> joint)
    {
        var neutrals = look.In(joint).Where(m => m.Use == ConductorUse.Neutral).Select(m => m.Id).ToHashSet();
        return
        [
            .. look
                .Cables.Where(c => c.Run.Circuit is not null && c.Leads.Any(neutrals.Contains))
                .Select(c => c.Run.Circuit!.Value)
                .Distinct(),
        ];
    }
}
