using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using JollyBarn.Measures;
using JollyBarn.OpenFile;

namespace JollyBarn.Web;

/// <summary>The JSON Schema of the open format, made from the types that read and write it.</summary>
public static class Schema
{
    private static readonly JsonSerializerOptions Indented = new() { WriteIndented = true };

    /// <summary>The schema as text, for serving and for docs.</summary>
    public static string Text { get; } = Make();

    private static string Make()
    {
        var schema = (JsonObject)JobFileJson.Default.JobFile.Options.GetJsonSchemaAsNode(typeof(JobFile), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = Transform });
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "title", "Jolly Barn job, format version 1");
        return schema.ToJsonString(Indented) + "\n";
    }

    private static JsonNode Transform(JsonSchemaExporterContext context, JsonNode schema)
    {
        var type = Nullable.GetUnderlyingType(context.TypeInfo.Type) ?? context.TypeInfo.Type;
        if (type == typeof(Length) || type == typeof(Gauge))
        {
            return new JsonObject { ["type"] = "string", ["description"] = type == typeof(Length) ? "Length: 2 7/8 in, 73 mm" : "AWG: 14, 1/0" };
        }

        if (type == typeof(Volume))
        {
            return new JsonObject { ["type"] = "number", ["description"] = "cubic inches" };
        }

        if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Wiring.ById<>))
        {
            var of = type.GetGenericArguments()[0];
            return new JsonObject
            {
                ["type"] = "object",
                ["additionalProperties"] = context.TypeInfo.Options.GetJsonSchemaAsNode(of, new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = Transform }),
            };
        }

        return schema;
    }
}
