using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Answers one question of the code book about one thing of a box, or takes the answer back.</summary>
/// <param name="Of">The thing: <c>box</c>, a cable end such as <c>r1.a</c>, or the id of an entry, lead, pigtail, joint or device.</param>
/// <param name="Key">Key of the question.</param>
/// <param name="Fact">The answer; null takes it back to unknown. A length may be written as the trade does; it is kept as entered beside
/// its exact value.</param>
public sealed record NoteFact(Id<Box> Box, string Of, string Key, Observation? Fact = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if (FactKeys.Find(Key) is not { } kind)
        {
            return Refuse.Missing(What.Question, Key, "key");
        }

        if (!Subjects.Has(box, kind.Of, Of))
        {
            return new(Why.NothingHere, "of", ("id", Ids.Shown(Of)));
        }

        return GivenAnswers.Check(kind, Fact);
    }

    protected override Box ApplyIn(Box box)
    {
        var fact = GivenAnswers.Exact(Key, Fact);
        if (Key == LeadFacts.Length.Id && box.Leads.TryFind(Of, out var lead))
        {
            return box with { Leads = box.Leads.With(Of, lead with { Length = AsLength(fact) }) };
        }

        if (Key == LeadFacts.TailLength.Id && box.Pigtails.TryFind(Of, out var tail))
        {
            return box with { Pigtails = box.Pigtails.With(Of, tail with { Length = AsLength(fact) }) };
        }

        var noted = box.Noted.Find(Of) ?? Noted.Nothing;
        var facts = fact is null ? noted.Facts.Without(Key) : noted.Facts.With(Key, fact);
        return box with { Noted = facts.Count == 0 ? box.Noted.Without(Of) : box.Noted.With(Of, noted with { Facts = facts }) };
    }

    private static Fact<Length> AsLength(Observation? fact) =>
        fact is null
            ? Fact<Length>.Unknown
            : new(
                fact.How,
                fact.Value is { } text && Length.TryParse(text, out var length) ? length : null,
                fact.Entered,
                fact.Who,
                fact.When,
                fact.By
            );
}

/// <summary>Keeps what somebody said of the box, unconfirmed.</summary>
public sealed record HearSaid(Id<Box> Box, string Id, string Text, string? Who = null, string? When = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Said.Has(Id), "id")
        ?? Refuse.BadText(Text, "text")
        ?? Refuse.BadNote(Who, "who")
        ?? Refuse.BadNote(When, "when");

    protected override Box ApplyIn(Box box) => box with { Said = box.Said.With(Id, new Said(Text.Trim(), Who, When)) };
}

public sealed record ForgetSaid(Id<Box> Box, string Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Said.Has(Id) ? null : Refuse.Missing(What.Saying, Id, "id");

    protected override Box ApplyIn(Box box) => box with { Said = box.Said.Without(Id) };
}
