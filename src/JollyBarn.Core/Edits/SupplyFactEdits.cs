using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Answers one question of the code book about a panel or one of its breakers, or takes the answer back.</summary>
/// <param name="Of"><c>panel</c>, or the slot of a breaker.</param>
public sealed record NotePanel(string Panel, string Of, string Key, Observation? Fact = null) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Panels.TryFind(Panel, out var panel))
        {
            return Refuse.Missing(What.Panel, Panel, "panel");
        }

        return FactKeys.Find(Key) is not { } kind ? Refuse.Missing(What.Question, Key, "key")
            : !Subjects.Has(panel, kind.Of, Of) ? new Refusal(Why.NothingThere, "of", ("panel", panel.Name), ("id", Ids.Shown(Of)))
            : GivenAnswers.Check(kind, Fact);
    }

    public override Job Apply(Job job)
    {
        if (!job.Panels.TryFind(Panel, out var panel))
        {
            return job;
        }

        var facts = GivenAnswers.With((panel.Noted.Find(Of) ?? Noted.Nothing).Facts, Key, Fact);
        return job with
        {
            Panels = job.Panels.With(
                Panel,
                panel with
                {
                    Noted = facts.Count == 0 ? panel.Noted.Without(Of) : panel.Noted.With(Of, new Noted { Facts = facts }),
                }
            ),
        };
    }
}

/// <summary>Answers one question of the code book about a circuit, or takes the answer back.</summary>
public sealed record NoteCircuit(Id<Circuit> Circuit, string Key, Observation? Fact = null) : Edit
{
    public override Refusal? Check(Job job) =>
        !job.Circuits.Has(Circuit) ? Refuse.Missing(What.Circuit, Circuit, "circuit")
        : FactKeys.Find(Key) is not { Of: FactOf.Circuit } kind ? Refuse.Missing(What.CircuitQuestion, Key, "key")
        : GivenAnswers.Check(kind, Fact);

    public override Job Apply(Job job) =>
        job.Circuits.TryFind(Circuit, out var circuit)
            ? job with
            {
                Circuits = job.Circuits.With(Circuit, circuit with { Facts = GivenAnswers.With(circuit.Facts, Key, Fact) }),
            }
            : job;
}
