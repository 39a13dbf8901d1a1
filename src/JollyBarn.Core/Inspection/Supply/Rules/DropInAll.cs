using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Feeder and branch circuit together lose no more than is recommended.</summary>
/// <remarks>NEC 210.19(A), an informational note: 5 % as far as the farthest outlet. Where the service comes in at the panel itself there is no feeder, and the circuit's own share is all.</remarks>
public sealed class DropInAll() : PanelRule("drop-all", "Voltage drop in all", "What the feeder loses is lost at every outlet behind it.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        if (look.AtService || look.Circuits.Where(c => c.Farthest is not null).MaxBy(c => c.Farthest!.Share) is not { Farthest: { } drop } circuit)
        {
            yield break;
        }

        var limit = look.Limits["circuit.drop-all"];
        var feeder = look.Number(Subjects.Panel, "feeder-drop");
        var all = drop.Share + (double)(feeder ?? 0);
        var sum = feeder is { } lost ? $"{lost:0.0} % + {drop.Share:0.0} % = {all:0.0} %" : null;
        var measured = feeder is not null && look.Circuits.All(c => c.Farthest is null or { Measured: true });
        yield return all > (double)limit.Value ? Better(Subjects.Panel, $"With {circuit.Named(drop.Way)} on {circuit.Circuit.Name}, {(measured ? "" : "at least ")}{all:0.0} % is lost from the service; {limit.Value:0.#} % is what one keeps to.", limit.Article) with { Sum = sum, Mend = "A thicker feeder, or a thicker or shorter branch circuit." }
            : measured ? Fine(Subjects.Panel, $"From the service to {circuit.Named(drop.Way)}, {all:0.0} % is lost.", limit.Article) with { Sum = sum }
            : feeder is null ? Ask(Subjects.Panel, $"How much is lost on the way to {look.Panel.Name}? Its circuits lose {drop.Share:0.0} % more.", limit.Article, "feeder-drop")
            : AskOf(Subjects.Panel, $"At least {all:0.0} % is lost from the service; cables nobody measured lie on the way.", limit.Article, []) with { Sum = sum };
    }
}
