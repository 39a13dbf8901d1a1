using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The loads of a circuit are within its rating, those of three hours or more counted at 125 %.</summary>
/// <remarks>NEC 210.19(A)(1), 210.20(A), 210.23. Receptacles of a dwelling have no load by themselves, 220.14(J): only what somebody said
/// hangs there counts.</remarks>
public sealed class CircuitLoad() : CircuitRule("load")
{
    public enum Case
    {
        Over,
        Within,
        AskMore,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        var known = look.Draws.Where(o => o.Watts is not null).ToList();
        if (look.Amperes is not { } rating || known.Count == 0)
        {
            yield break;
        }

        var more = look.Limits.Number("circuit.long") / 100;
        decimal Sum(bool unsaid) => known.Sum(o => look.AmperesOf(o)!.Value * (o.Lasting ?? unsaid ? more : 1));
        var (least, most) = (Sum(false), Sum(true));
        var taking = known.Where(o => o.Watts > 0).ToList();
        (string, object?)[] details =
        [
            ("circuit", look.Thing),
            ("least", least),
            ("rating", rating),
            ("loads", new Amounts([.. taking.Select(o => look.AmperesOf(o)!.Value)])),
            ("long", new Flags([.. taking.Select(o => o.Lasting == true)])),
            ("more", more),
        ];
        var unknown = look.Draws.Where(o => o.Watts is null).Select(o => o.Asked(o.TakesWatts));
        var unsaid = known.Where(o => o.Lasting is null && o.Watts > 0).Select(o => o.Asked(o.RunsLong));
        yield return Subjects.Circuit switch
        {
            var of when least > rating => Fix(of, Case.Over, [.. details, ("watts", (least - rating) * (decimal)look.Volts)]),
            var of when look.Draws.Count == known.Count && most <= rating => Fine(of, Case.Within, details),
            var of => AskOf(of, Case.AskMore, [.. unknown, .. unsaid], details),
        };
    }
}
