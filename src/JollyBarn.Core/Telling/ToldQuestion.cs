using JollyBarn.Inspection.Judging;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A fact that would decide something, as one is asked for it.</summary>
/// <param name="What">The thing it is about, in words; null for the box itself.</param>
/// <param name="Decides">Names of the rules it would decide.</param>
/// <param name="First">Among the few that are asked first.</param>
public sealed record ToldQuestion(string Of, string Key, string? What, IReadOnlyList<string> Decides, bool First);

/// <summary>Names what the questions of a box are about.</summary>
public static class QuestionTeller
{
    public static IReadOnlyList<ToldQuestion> Tell(Job job, Id<Box> boxId, Box box, IEnumerable<Question> questions)
    {
        var names = new Names(job, boxId);
        return
        [
            .. questions.Select(q => new ToldQuestion(
                q.Of,
                q.Fact.Id,
                What(names, box, q),
                [.. q.Decides.Select(Teller.RuleName).Distinct()],
                q.First
            )),
        ];
    }

    private static string? What(Names names, Box box, Question question) =>
        question.Fact.Of switch
        {
            FactOf.Box => null,
            FactOf.Lead or FactOf.Pigtail or FactOf.Wire => names.Lead(box, question.Of),
            FactOf.CableEnd => names.Of(new Thing(ThingKind.Cable, question.Of)),
            FactOf.Device => names.Of(Thing.Device(question.Of)),
            FactOf.Joint => names.Of(Thing.Joint(question.Of)),
            _ => "an entry",
        };
}
