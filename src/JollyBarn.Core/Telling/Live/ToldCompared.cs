using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Live;

/// <summary>What would explain a reading, in words.</summary>
/// <param name="Box">The box to look at; null for a breaker or a source.</param>
public sealed record ToldCause(CauseKind Kind, string Says, Id<Box>? Box, int Away);

/// <summary>A real reading beside the prediction.</summary>
/// <param name="Expected">What was expected.</param>
/// <param name="Causes">Likeliest first.</param>
/// <param name="More">How many further causes there are.</param>
/// <param name="Rests">What the prediction takes for given.</param>
public sealed record ToldCompared(ToldShown Expected, bool Agrees, IReadOnlyList<ToldCause> Causes, int More, IReadOnlyList<string> Rests)
{
    private const int Most = 12;

    public static ToldCompared Tell(Job job, Id<Box> box, Compared compared)
    {
        var teller = new LiveTeller(job, box);
        var names = new Names(job);
        return new(
            teller.Tell(compared.Predicted),
            compared.Agrees,
            [.. compared.Causes.Take(Most).Select(c => new ToldCause(c.Kind, Line.Start(Says(job, names, c)), c.Box, c.Away))],
            Math.Max(0, compared.Causes.Count - Most),
            [.. compared.Rests.Select(teller.Tell)]
        );
    }

    private static string Says(Job job, Names names, Cause cause) =>
        cause switch
        {
            { Kind: CauseKind.Fault, Offer: { } offer, Box: { } box } =>
                $"{job.Boxes[box].Name}: {OfferWords.Of(offer).Make(new(offer.About, new Names(job, box)))}",
            { Kind: CauseKind.Switch } => $"{names.Of(cause.Thing)} lies the other way",
            _ => $"{names.Of(cause.Thing)} is {(cause.On ? "on" : "off")}",
        };
}
