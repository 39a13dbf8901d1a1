using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Sources that stand by must not come on together with the one that is on.</summary>
/// <remarks>NEC 702.5, 2020 and later 702.5(A): transfer equipment keeps two sources from being joined by oversight. From memory.</remarks>
public sealed class Transfer() : PanelRule("transfer")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        // A panel behind another gets what that one gets.
        var own = look.Reads.Source(look.Panel.Source)?.Kind;
        List<string> reach =
            own == SourceKind.SecondPanel ? [] : [.. PanelSources.Reaching(look.Panel, look.Reads.Sources, look.Reads.Panels)];
        return reach.Count < 2
            ? []
            :
            [
                YesNo(
                    look,
                    Subjects.Panel,
                    SupplyFacts.OneSource,
                    true,
                    Verdict.Stop,
                    details: [("panel", look.Thing), ("sources", reach.Select(id => new Thing(ThingKind.Source, id)).ToList())]
                ),
            ];
    }
}
