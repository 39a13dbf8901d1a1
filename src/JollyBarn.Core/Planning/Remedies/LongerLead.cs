using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A lead too short: pull cable in, or join a piece on.</summary>
/// <remarks>An inline connector adds its own inch or so; leads that turn back side by side lose one (<em>practice</em>).</remarks>
public sealed class LongerLead : IRemedies
{
    public enum Case
    {
        NewPigtail,
        JoinOn,
        PullIn,
    }

    private static readonly Length Connector = Length.Inches(1);

    public IReadOnlyList<string> Rules { get; } = ["free-length", "reach", "pigtail-length"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Rule == "pigtail-length")
        {
            if (ask.Box.Pigtails.TryFind(ask.Of, out var tail))
            {
                yield return Remedy.Of(
                    Case.NewPigtail,
                    new SetPigtail(ask.BoxId, ask.Of, tail.Colour, ask.TailLength, tail.Gauge, tail.Use, tail.Stranded),
                    ("tail", ask.Tail)
                );
            }

            yield break;
        }

        if (!ask.Box.Leads.TryFind(ask.Of, out var lead))
        {
            yield break;
        }

        var free = ask.Look.Limits.Inches("lead.free");
        var reach = ask.Look.Limits.Inches("lead.reach");
        var length = lead.Length.OrNull;
        var past = ask.Look.Read(LeadFacts.PastOpening, ask.Of);
        var wanted = Max(free, Tails.Lead(ask.Job.Practice, ask.Box));
        var short_ = Max(
            length is { } l && l < free ? wanted - l : Length.Zero,
            past is { } p ? reach - p
                : length is { } only && only < reach ? reach - only
                : Length.Zero
        );
        if (lead.Lands.At is LandingAt.Terminal or LandingAt.Joint)
        {
            List<Edit> edits = [.. Extended(ask, ask.Of, ask.Free("longer"), ask.Free("piece"))];
            if (length is { } has)
            {
                edits.Add(ask.Again(ask.Of, LeadFacts.Path));
            }

            if (past is { } behind || ask.Finding.Rule == "reach")
            {
                edits.Add(ask.Again(ask.Of, LeadFacts.PastOpening));
            }

            yield return Remedy.Of(
                Case.JoinOn,
                new Batch(edits, For: BatchFor.LongerLead),
                ("gauge", lead.Gauge),
                ("colour", lead.Colour),
                ("tail", ask.Tail)
            );
        }

        if (short_ > Length.Zero)
        {
            var pulled = new List<Edit> { new SetLeadLength(ask.BoxId, ask.Of, Fact<Length>.Unknown) };
            if (past is { } reached || ask.Finding.Rule == "reach")
            {
                pulled.Add(ask.Again(ask.Of, LeadFacts.PastOpening));
            }

            yield return Remedy.Of(Case.PullIn, new Batch(pulled, For: BatchFor.CablePulledIn), ("by", short_));
        }
    }

    /// <summary>A piece joined onto a lead by an inline connector, so that it lies where the lead lay.</summary>
    internal static IEnumerable<Edit> Extended(RemedyAsk ask, Id<Lead> id, string joint, string piece)
    {
        var lead = ask.Box.Leads[id];
        var space = lead.Lands.At == LandingAt.Joint ? ask.Box.Joints[lead.Lands.Joint!.Value].Space : 0;
        yield return new AddJoint(ask.BoxId, joint, "inline", null, space);
        yield return new MoveLead(ask.BoxId, id, RemedyAsk.In(joint));
        yield return new AddPigtail(
            ask.BoxId,
            piece,
            RemedyAsk.In(joint),
            lead.Lands,
            lead.Gauge,
            lead.Colour,
            lead.Stranded,
            ask.TailLength
        );
    }

    private static Length Max(Length a, Length b) => a > b ? a : b;
}
