using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>A place for the lead that is asked about, with the edit that puts it there.</summary>
/// <param name="To">Where; null for a new joint.</param>
/// <param name="NewJoint">What a new joint would be called.</param>
public sealed record SurveyPlace(Landing? To, Id<Joint>? NewJoint, Edit Edit);

/// <summary>A pigtail one would see.</summary>
public sealed record SurveyTail(Landing From, Landing To, Edit Edit);

/// <summary>A place a lead may go on to from where it lies.</summary>
public sealed record SurveyOnward(Id<Lead> Lead, Landing To, Edit Edit);

/// <summary>A mark a cable may bear where it comes to the box.</summary>
/// <param name="On">It bears it as recorded.</param>
/// <param name="Edit">Writes it down, and what the cable does where the house agreed on what the mark means.</param>
public sealed record SurveyMark(Id<Run> Run, RunSide Side, CableMark Mark, bool On, Edit Edit);

/// <summary>The parts of a survey that can be done, in the order of the hand. A proof of dead is none of them: it is of one person and
/// lapses, and says itself whether it holds.</summary>
public enum SurveyPart
{
    Cables,
    Leads,
    Marks,
    Measure,
}

/// <summary>Writing down where the leads of a box lie, one after the other.</summary>
/// <param name="Placed">Leads whose place is recorded.</param>
/// <param name="Next">The lead to ask about now; null when every one has its place.</param>
/// <param name="Places">Where it may lie, likeliest first.</param>
/// <param name="Tails">Pigtails one would see, to be put in with a tap.</param>
/// <param name="Makes">Usual makes to begin from, while no lead has its place and none that fits is begun.</param>
/// <param name="Assumed">Places of the make it was begun from that nobody has looked at yet.</param>
/// <param name="Marks">How each cable may be marked, with what that records.</param>
/// <param name="Onward">Where each lead that lies somewhere may go on to, bared and not cut.</param>
/// <param name="Done">Parts in which somebody recorded something; of leads, all of them. Nothing recorded is not done.</param>
public sealed record SurveySteps(
    IReadOnlyList<Id<Lead>> Placed,
    int Leads,
    Id<Lead>? Next,
    IReadOnlyList<SurveyPlace> Places,
    IReadOnlyList<SurveyTail> Tails,
    IReadOnlyList<SurveyPart> Done,
    IReadOnlyList<UsualMakeUp> Makes,
    IReadOnlyList<MakePlace> Assumed,
    IReadOnlyList<SurveyMark> Marks,
    IReadOnlyList<SurveyOnward> Onward
)
{
    private const int Last = 1000;

    /// <summary>The next step for a box. Grounds first, then neutrals, then hots, cable by cable: the order of make-up,
    /// <em>practice</em>.</summary>
    /// <param name="newId">An id that what is new is named by.</param>
    public static SurveySteps Read(Job job, Id<Box> id, Box box, string newId)
    {
        var leads = box.Leads.Where(l => l.Value is { Run: not null, Form: LeadForm.Ended }).ToList();
        var next = leads
            .Where(l => l.Value.Lands.At == LandingAt.Unknown)
            .OrderBy(l => Turn(l.Value.Use))
            .ThenBy(l => Order(job, id, box, l.Value))
            .ThenBy(l => l.Key)
            .FirstOrNull();
        var toSee = UsualMakes.ToSee(job, id, box, newId);
        return new(
            [.. leads.Where(l => l.Value.Lands.At != LandingAt.Unknown).Select(l => l.Key)],
            leads.Count,
            next?.Key,
            next is var (lead, of) ? [.. SurveyPlaces.For(id, box, lead, of.Use, newId)] : [],
            [.. SurveyPlaces.Tails(id, box, newId)],
            [.. Enum.GetValues<SurveyPart>().Where(part => IsDone(job, box, part))],
            toSee.Count == 0 ? UsualMakes.Find(job, id, box, newId) : [],
            toSee,
            [.. MarksOf(job, id, box)],
            [.. SurveyPlaces.Onward(id, box, newId)]
        );
    }

    private static bool IsDone(Job job, Box box, SurveyPart part)
    {
        var leads = box.Leads.Values.Where(l => l.Run is not null).ToList();
        return part switch
        {
            SurveyPart.Cables => leads.Count > 0,
            SurveyPart.Leads => leads.Count > 0 && leads.TrueForAll(l => l.Form != LeadForm.Ended || l.Lands.At != LandingAt.Unknown),
            SurveyPart.Marks => leads.Exists(l =>
                l.MarkedAs is not null
                || job.Runs.Find(l.Run) is { } run && run.End(l.Side) is { Says: not null } or { Feeds: not Feeds.CannotTell }
            ),
            _ => leads.Exists(l => l.Length.OrNull is not null) || box.Noted.Count > 0,
        };
    }

    private static IEnumerable<SurveyMark> MarksOf(Job job, Id<Box> id, Box box)
    {
        foreach (var (run, side) in box.Leads.Values.Where(l => l.Run is not null).Select(l => (l.Run!.Value, l.Side)).Distinct())
        {
            if (job.Runs.Find(run)?.End(side) is not { } end)
            {
                continue;
            }

            var of = Subjects.CableEnd(run, side);
            var now = CableFacts.Mark.Parse(box.Fact(of, CableFacts.Mark.Id)?.Value ?? "") ?? CableMark.None;
            foreach (var mark in Enum.GetValues<CableMark>().Where(m => m != CableMark.None))
            {
                var text = CableFacts.Mark.Answers[(int)(now == mark ? CableMark.None : mark)];
                var note = new NoteFact(id, of, CableFacts.Mark.Id, new(Known.Measured, text, text));
                var means = PracticeBook.MeaningOf(mark) is { } question ? job.Practice.Answer(question) : "";
                Feeds? feeds =
                    means == PracticeBook.MeansFeed ? Feeds.FeedsIn
                    : means == PracticeBook.MeansOn ? Feeds.FeedsOn
                    : null;
                yield return new(
                    run,
                    side,
                    mark,
                    now == mark,
                    feeds is { } does && now != mark ? new Batch([note, new NameCable(id, run, side, end.Says, does)]) : note
                );
            }
        }
    }

    private static int Turn(ConductorUse use) =>
        use switch
        {
            ConductorUse.Ground or ConductorUse.IsolatedGround => 0,
            ConductorUse.Neutral => 1,
            _ => 2,
        };

    /// <summary>Cables stand by where they come in, as on the picture.</summary>
    private static int Order(Job job, Id<Box> id, Box box, Lead lead) =>
        job.Runs.Find(lead.Run)?.End(lead.Side) is { } end && end.IsIn(id) ? EntryOrder(box, end) : Last;

    /// <summary>Where the end of a cable stands among those of its box: by side of its entry, then by place.</summary>
    internal static int EntryOrder(Box box, RunEnd end) =>
        box.Entries.Find(end.Entry) is { } entry ? ((int)entry.Side * 100) + entry.Place : Last;
}
