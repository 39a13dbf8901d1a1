using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The loads of a circuit are within its rating, those of three hours or more counted at 125 %.</summary>
/// <remarks>NEC 210.19(A)(1), 210.20(A), 210.23. Receptacles of a dwelling have no load by themselves, 220.14(J): only what somebody said hangs there counts.</remarks>
public sealed class CircuitLoad() : CircuitRule("load", "Load", "An overloaded circuit heats every joint in it before the breaker opens.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        const string article = "210.19(A)(1), 210.20(A)";
        var known = look.Draws.Where(o => o.Watts is not null).ToList();
        if (look.Amperes is not { } rating || known.Count == 0)
        {
            yield break;
        }

        var more = look.Limits.Number("circuit.long") / 100;
        decimal Sum(bool unsaid) => known.Sum(o => look.AmperesOf(o)!.Value * (o.Lasting ?? unsaid ? more : 1));
        var (least, most) = (Sum(false), Sum(true));
        var open = look.Draws.Where(o => o.Watts is null).Select(o => o.AsksWatts).Concat(known.Where(o => o.Lasting is null && o.Watts > 0).Select(o => o.AsksLasting)).ToList();
        var sum = string.Join(" + ", known.Where(o => o.Watts > 0).Select(o => $"{look.AmperesOf(o):0.0}{(o.Lasting == true ? $" × {more:0.00}" : "")}"));
        yield return least > rating ? Fix(Subjects.Circuit, $"Loads of {look.Circuit.Name} come to {least:0.0} A on a {rating:0} A breaker.", article) with { Sum = $"{sum} = {least:0.0} A; {rating:0} A at most", Mend = $"Move {(least - rating) * (decimal)look.Volts:0} W or more to another circuit." }
            : look.Draws.Count == known.Count && most <= rating ? Fine(Subjects.Circuit, $"Loads of {look.Circuit.Name}: {least:0.0} A of {rating:0} A.", article) with { Sum = $"{(sum.Length > 0 ? sum : "0")} = {least:0.0} A" }
            : AskOf(Subjects.Circuit, $"Loads of {look.Circuit.Name} that are known: {least:0.0} A of {rating:0} A{(known.Exists(o => o.Lasting == true) ? $", long ones at {more * 100:0} %" : "")}. What else hangs on it?", article, open) with { Sum = sum.Length > 0 ? $"{sum} = {least:0.0} A" : null };
    }
}
