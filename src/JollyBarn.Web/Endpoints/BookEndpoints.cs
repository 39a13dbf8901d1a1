using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling;
using JollyBarn.Telling.Facts;
using JollyBarn.Terms;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A kind of device with the places one can land on.</summary>
public sealed record Catalogue(
    IReadOnlyList<BoxKind> Boxes,
    IReadOnlyList<PartKind> Parts,
    IReadOnlyList<DeviceKind> Devices,
    IReadOnlyList<ConnectorKind> Connectors,
    IReadOnlyList<PracticeQuestion> Practices,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<FactKind> Facts,
    IReadOnlyList<InstrumentKind> Instruments,
    IReadOnlyList<RuleKind> Rules,
    IReadOnlyList<BoxTemplate> Templates,
    IReadOnlyList<CableSort> Cables
);

/// <summary>A rule in a list.</summary>
/// <param name="Taught">There is a box to practise it on.</param>
public sealed record RuleKind(string Id, string Name, string Why, bool Taught);

/// <summary>The code book and the catalogue.</summary>
internal static class BookEndpoints
{
    public static void MapBook(this IEndpointRouteBuilder api)
    {
        api.MapGet("/catalogue", () =>
                TypedResults.Ok(
                    new Catalogue(
                        BoxKinds.All,
                        PartKinds.All,
                        DeviceKinds.All,
                        ConnectorKinds.All,
                        PracticeBook.Questions,
                        Assumptions.All,
                        FactKind.All,
                        InstrumentKinds.All,
                        [
                            .. Inspector.All.Select(r => new RuleKind(
                                r.Id,
                                Teller.RuleName(r.Id),
                                Teller.RuleWhy(r.Id),
                                SpotChoices.Taught.Contains(r.Id)
                            )),
                        ],
                        BoxTemplate.All,
                        CableSort.All
                    )
                )
            )
            .WithName("catalogue")
            .WithSummary("Kinds of boxes, parts, devices and connectors, and the questions of house practice.");
        api.MapGet("/limits/{edition}", Results<Ok<IEnumerable<Limit>>, ProblemHttpResult> (string edition) =>
                Enum.TryParse<Edition>(edition, true, out var known) && Enum.IsDefined(known)
                    ? TypedResults.Ok(LimitTable.For(CodeProfile.Default with { Edition = known }).All)
                    : (ProblemHttpResult)Problems.From(new(Why.NoSuchEdition, "edition"), 404)
            )
            .WithName("limits")
            .WithSummary("Every number of an edition with its article.");
    }
}
