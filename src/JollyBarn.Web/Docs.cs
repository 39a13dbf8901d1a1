using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace JollyBarn.Web;

/// <summary>The OpenAPI document: measures are plain text or numbers, things kept by id are maps.</summary>
internal static class Docs
{
    public static void Configure(OpenApiOptions options)
    {
        options.CreateSchemaReferenceId = info =>
            IdJson.IsId(Nullable.GetUnderlyingType(info.Type) ?? info.Type) ? null : OpenApiOptions.CreateDefaultSchemaReferenceId(info);
        options.AddDocumentTransformer(
            async (document, context, cancel) =>
            {
                document.Info = new OpenApiInfo
                {
                    Title = "Jolly Barn",
                    Version = "1",
                    Description =
                        "Everything the interface does. Errors are RFC 9457 problem details with a sentence in detail "
                        + "and the field in field.",
                };
                document.Servers?.Clear();
                foreach (var schema in document.Components!.Schemas!.Values.OfType<OpenApiSchema>())
                {
                    // What tells one kind from another is always written, so that a union can be told apart by it.
                    foreach (var kind in Discriminators.Where(k => schema.Properties?.ContainsKey(k) == true))
                    {
                        (schema.Required ??= new HashSet<string>()).Add(kind);
                    }
                }

                // Beside what RFC 9457 names, a refusal says at which field, and every error where it stands in the program's own log.
                var problem = (OpenApiSchema)document.Components!.Schemas![nameof(Microsoft.AspNetCore.Mvc.ProblemDetails)];
                problem.Properties!["field"] = Maybe("The field it is about.");
                problem.Properties["traceId"] = Maybe("Where it stands in the log of the program.");

                foreach (var type in OnlyInEdits)
                {
                    // What the generator meets first inside a kind of edit it leaves without its properties.
                    document.Components!.Schemas![type.Name] = await context.GetOrCreateSchemaAsync(type, null, cancel);
                }
            }
        );
        options.AddSchemaTransformer(
            async (schema, context, cancel) =>
            {
                var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
                if (type == typeof(Length))
                {
                    Plain(schema, JsonSchemaType.String, "Length: 2 7/8 in, 73 mm.");
                }
                else if (type == typeof(Gauge))
                {
                    Plain(schema, JsonSchemaType.String, "AWG: 14, 1/0.");
                }
                else if (type == typeof(Volume))
                {
                    // A mark is sent as it was read, and comes back in cubic inches.
                    var typed = context.JsonPropertyInfo?.DeclaringType == typeof(Fact<Volume>) ? JsonSchemaType.String : 0;
                    Plain(schema, JsonSchemaType.Number | typed, "Cubic inches, or text such as 295 ml.");
                }
                else if (IdJson.IsId(type))
                {
                    // Text wherever it stands, in place: what may be left out may be null.
                    var maybe = Nullable.GetUnderlyingType(context.JsonPropertyInfo?.PropertyType ?? context.JsonTypeInfo.Type) is not null;
                    Plain(schema, JsonSchemaType.String | (maybe ? JsonSchemaType.Null : 0), schema.Description);
                }
                else if (context.JsonTypeInfo is { Kind: JsonTypeInfoKind.Enumerable, ElementType: { } of } && IdJson.IsId(of))
                {
                    schema.Type = JsonSchemaType.Array;
                    schema.Items = await context.GetOrCreateSchemaAsync(of, null, cancel);
                }
                else if (context.JsonTypeInfo is { Kind: JsonTypeInfoKind.Dictionary, ElementType: { } listed } && IdsIn(listed))
                {
                    schema.AdditionalProperties = await context.GetOrCreateSchemaAsync(listed, null, cancel);
                }
                else if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ById<,>))
                {
                    schema.Type = JsonSchemaType.Object;
                    schema.Properties = null;
                    schema.Items = null;
                    schema.AdditionalProperties = await context.GetOrCreateSchemaAsync(type.GetGenericArguments()[1], null, cancel);
                }
                else if (AlwaysWhole(type))
                {
                    schema.Required = new HashSet<string>(
                        context
                            .JsonTypeInfo.Properties.Where(p =>
                                p.Get is not null && !p.IsGetNullable && Nullable.GetUnderlyingType(p.PropertyType) is null
                            )
                            .Select(p => p.Name)
                    );
                }
            }
        );
    }

    private static bool IdsIn(Type list) => list.IsGenericType && IdJson.IsId(list.GetGenericArguments()[0]);

    /// <summary>Types that only the program writes, and so with every property that is not null; what a person may send in part is left as
    /// it is.</summary>
    private static bool AlwaysWhole(Type type) =>
        type.Namespace is { } space
        && space.StartsWith("JollyBarn", StringComparison.Ordinal)
        && (type.IsClass || type == typeof(VolumeSpan))
        && !space.StartsWith("JollyBarn.Edits", StringComparison.Ordinal)
        && !type.Name.StartsWith("Plain", StringComparison.Ordinal)
        && !type.Name.EndsWith("Post", StringComparison.Ordinal)
        && !Sendable.Contains(type);

    /// <summary>Names of the properties that say which kind of edit or fault something is.</summary>
    private static readonly string[] Discriminators = ["do", "fault"];

    private static readonly Type[] OnlyInEdits = [typeof(CableSpec), typeof(Photo), typeof(Reading), typeof(Ruling)];

    private static readonly HashSet<Type> Sendable =
    [
        typeof(Place),
        typeof(Wall),
        typeof(WallLayer),
        typeof(Source),
        typeof(Panel),
        typeof(Breaker),
        typeof(Circuit),
        typeof(Reading),
        typeof(Photo),
        typeof(Ruling),
        typeof(Observation),
        typeof(Electrics.Situation),
        typeof(Planning.Held),
    ];

    private static OpenApiSchema Maybe(string says) => new() { Type = JsonSchemaType.String | JsonSchemaType.Null, Description = says };

    private static void Plain(OpenApiSchema schema, JsonSchemaType kind, string? says)
    {
        schema.Type = kind;
        schema.Properties = null;
        schema.Required = null;
        schema.Description = says;
    }
}
