using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning.Ways;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Rough make-up: leads made ready, then grounds, neutrals, hots, or the house's order; caps on what waits; folded away.</summary>
internal static class Joining
{
    public static void Steps(CardMaker card)
    {
        LeadsReady(card);
        TailsReady(card);
        foreach (var joint in InOrder(card).Where(j => !NeedsDevice(card, j)))
        {
            Make(card, joint, StepStage.Rough);
        }

        Screws(card);
        Caps(card);
        var worked = card.Steps.Any(s => s.Stage is StepStage.BringIn or StepStage.Rough);
        if (card.Box.Leads.Count > 0 && (worked || card.TickedAny(StepCase.BringIn, StepCase.Joint)))
        {
            Fold(card);
        }
    }

    /// <summary>Joints with leads that come with a device: made once it is in the hand.</summary>
    public static void WithDevices(CardMaker card)
    {
        foreach (var joint in InOrder(card).Where(j => NeedsDevice(card, j)))
        {
            Make(card, joint, StepStage.Trim);
        }
    }

    /// <summary>Grounds first, then neutrals, then hots; hots first where the house says so.</summary>
    public static int Rank(CardMaker card, IEnumerable<ConductorUse> uses)
    {
        var all = uses.ToList();
        var rank =
            all.Exists(u => u is ConductorUse.Ground or ConductorUse.IsolatedGround) ? 0
            : all.Exists(u => u == ConductorUse.Neutral) ? 1
            : 2;
        return card.House.Says(PracticeBook.Order, "hng") ? 2 - rank : rank;
    }

    private static IEnumerable<Id<Joint>> InOrder(CardMaker card) =>
        card.Goal.Joints.Ids.OrderBy(j => Rank(card, TakingApart.Members(card.Goal, j).Select(m => Use(card.Goal, m.Lead)))).ThenBy(j => j);

    private static ConductorUse Use(Box box, Id<Lead> lead) =>
        box.Leads.Find(lead)?.Use ?? box.Pigtails.Find(lead)?.Use ?? ConductorUse.Unknown;

    private static bool NeedsDevice(CardMaker card, Id<Joint> joint) =>
        TakingApart.Members(card.Goal, joint).Any(m => card.Goal.Leads.Find(m.Lead)?.Device is { } device && card.Another(device));

    /// <summary>A loop that is cut, a wire that is marked as what it is used for, a lead trimmed.</summary>
    private static void LeadsReady(CardMaker card)
    {
        foreach (var (id, goal) in card.Goal.Leads)
        {
            if (card.Box.Leads.Find(id) is not { } now)
            {
                continue;
            }

            CardStep Step(StepCase what, bool final = false) =>
                CardMaker.Step(StepStage.Rough, what, id, [id], [], ("lead", Thing.Lead(id)), ("length", goal.Length.OrNull)) with
                {
                    Touches = true,
                    Final = final,
                };
            if (now.Form != goal.Form && now.LeavesBy == goal.LeavesBy)
            {
                card.Do(Step(StepCase.CutLoop, true), [new SetLeadForm(card.Id, id, goal.Form)]);
            }

            if (now.Colour != goal.Colour || now.MarkedAs != goal.MarkedAs || now.Use != goal.Use)
            {
                var marked = now.MarkedAs != goal.MarkedAs;
                var step = Step(StepCase.Identify) with { About = Details.Of([("lead", Thing.Lead(id)), ("as", goal.MarkedAs)]) };
                Edit edit = new IdentifyLead(card.Id, id, goal.Colour, goal.Use, goal.MarkedAs);
                if (marked)
                {
                    card.Do(step, [edit]);
                }
                else
                {
                    card.Quietly(edit);
                }
            }

            if (now.Gauge != goal.Gauge || now.Stranded != goal.Stranded || now.Metal != goal.Metal)
            {
                card.Quietly(new SetLeadWire(card.Id, id, goal.Gauge, goal.Stranded, goal.Metal));
            }

            if (now.Length != goal.Length)
            {
                var edit = new SetLeadLength(card.Id, id, goal.Length);
                if (now.Length.OrNull is { } was && goal.Length.OrNull is { } then && then < was)
                {
                    card.Do(Step(StepCase.TrimLead, true), [edit]);
                }
                else
                {
                    card.Quietly(edit);
                }
            }
        }
    }

    /// <summary>Pigtails that stay and are of another length or wire.</summary>
    private static void TailsReady(CardMaker card)
    {
        foreach (var (id, goal) in card.Goal.Pigtails.Where(t => t.Value.Of is null))
        {
            if (
                card.Box.Pigtails.Find(id) is { } now
                && (now.Gauge, now.Colour, now.Stranded, now.Use, now.Length)
                    != (goal.Gauge, goal.Colour, goal.Stranded, goal.Use, goal.Length)
            )
            {
                card.Quietly(new SetPigtail(card.Id, id, goal.Colour, goal.Length, goal.Gauge, goal.Use, goal.Stranded));
            }
        }
    }

    private static void Make(CardMaker card, Id<Joint> id, StepStage stage)
    {
        var goal = card.Goal.Joints[id];
        var (now, members) = (card.Box.Joints.Find(id), TakingApart.Members(card.Goal, id));
        List<Edit> edits =
        [
            .. now is null ? [new AddJoint(card.Id, id, goal.Connector, goal.Name, goal.Space)]
            : now != goal ? [new SetJoint(card.Id, id, goal.Connector, goal.Name, goal.Space)]
            : Array.Empty<Edit>(),
        ];
        foreach (var (lead, far) in members)
        {
            if (far is null)
            {
                if (card.Box.Leads.Find(lead)?.Lands != card.Goal.Leads[lead].Lands)
                {
                    edits.Add(new MoveLead(card.Id, lead, card.Goal.Leads[lead].Lands));
                }
            }
            else
            {
                edits.AddRange(TailEnds.Lay(card, lead, [LandingAt.Joint, LandingAt.BondingScrew], id));
            }
        }

        card.Do(
            CardMaker.Step(
                stage,
                StepCase.Joint,
                id,
                members.Select(m => m.Lead),
                JointItems.Of(card, id, members),
                ("joint", Thing.Joint(id)),
                ("rank", Rank(card, members.Select(m => Use(card.Goal, m.Lead)))),
                ("use", members.Select(m => Use(card.Goal, m.Lead)).FirstOrDefault(u => u != ConductorUse.Unknown)),
                ("count", members.Count(m => card.Goal.Leads.Has(m.Lead))),
                ("tails", members.Count(m => !card.Goal.Leads.Has(m.Lead)))
            ) with
            {
                Touches = true,
            },
            edits
        );
    }

    /// <summary>Grounds round the box's own screw or under its clip.</summary>
    private static void Screws(CardMaker card)
    {
        var ends = Open(card).Where(e => e.At.At == LandingAt.BondingScrew).ToList();
        foreach (var place in ends.GroupBy(e => e.At.Place))
        {
            card.Do(
                CardMaker.Step(
                    StepStage.Rough,
                    StepCase.Screw,
                    place.Key ?? "",
                    place.Select(e => e.Lead),
                    [new(ItemCase.Strip, Details.None, Strips.Of(card.Goal, place.First().At, card.House)), StepItem.Of(ItemCase.Hook)],
                    ("at", place.First().At)
                ) with
                {
                    Touches = true,
                },
                place.SelectMany(e => Lay(card, e))
            );
        }
    }

    private static void Caps(CardMaker card)
    {
        var ends = Open(card).Where(e => e.At.At == LandingAt.Cap).ToList();
        card.Do(
            CardMaker.Step(StepStage.Rough, StepCase.Cap, "", ends.Select(e => e.Lead), [], ("count", ends.Count)) with
            {
                Touches = true,
            },
            ends.SelectMany(e => Lay(card, e))
        );
    }

    /// <summary>Behind the reach of the board cutter; bare ends that wait for their device under caps where the house says so.</summary>
    private static void Fold(CardMaker card)
    {
        var wait = Open(card).Where(e => e.At.At == LandingAt.Terminal).Select(e => e.Lead).ToList();
        var capped = card.House.Says(PracticeBook.BareEnds, "capped") && wait.Count > 0;
        card.Say(
            CardMaker.Step(
                StepStage.Rough,
                StepCase.FoldBack,
                "",
                wait.Where(w => card.Box.Leads.Has(w) || card.Box.Pigtails.Has(w)),
                capped ? [new(ItemCase.Waits, Details.None, Count: wait.Count)] : [],
                ("reach", MakeBook.CutterReach)
            ) with
            {
                Touches = true,
            }
        );
    }

    /// <summary>Ends that do not lie yet where they are planned.</summary>
    public static IEnumerable<(Id<Lead> Lead, bool? Far, Landing At)> Open(CardMaker card) =>
        TakingApart.Ends(card.Goal).Where(e => TakingApart.GoalOf(card.Box, e.Lead, e.Far) != e.At);

    /// <summary>The edits that lay an end where it is planned.</summary>
    public static IEnumerable<Edit> Lay(CardMaker card, (Id<Lead> Lead, bool? Far, Landing At) end) =>
        end.Far is null ? [new MoveLead(card.Id, end.Lead, end.At)] : TailEnds.Lay(card, end.Lead, [end.At.At], null);
}
