using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Feeder and branch circuit together lose no more than is recommended.</summary>
/// <remarks>NEC 210.19(A), an informational note: 5 % as far as the farthest outlet. Where the service comes in at the panel itself there
/// is no feeder, and the circuit's own share is all.</remarks>
public sealed class DropInAll() : PanelRule("drop-all")
{
    public enum Case
    {
        Over,
        AtLeastOver,
        Within,
        AskFeeder,
        AskLengths,
    }

    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        const string limit = "circuit.drop-all";
        if (
            look.AtService
            || look.Circuits.Where(c => c.Farthest is not null).MaxBy(c => c.Farthest!.Share) is not { Farthest: { } drop } circuit
        )
        {
            yield break;
        }

        var most = look.Limits.Number(limit);
        var feeder = look.Read(SupplyFacts.FeederDrop);
        var all = drop.Share + (double)(feeder ?? 0);
        var measured = feeder is not null && look.Circuits.All(c => c.Farthest is null or { Measured: true });
        (string, object?)[] details =
        [
            ("panel", look.Thing),
            ("circuit", circuit.Thing),
            ("outlet", drop.Way.Thing),
            ("feeder", feeder),
            ("branch", drop.Share),
            ("all", all),
            ("limit", most),
        ];
        yield return (
            Subjects.Panel switch
            {
                var of when all > (double)most => Better(of, measured ? Case.Over : Case.AtLeastOver, details),
                var of when measured => Fine(of, Case.Within, details),
                var of when feeder is null => Ask(of, Case.AskFeeder, [SupplyFacts.FeederDrop], details),
                var of => AskOf(of, Case.AskLengths, [], details),
            }
        ).By(limit);
    }
}
