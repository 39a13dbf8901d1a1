using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JollyBarn.Store.Migrations
{
    /// <inheritdoc />
    public partial class Judged : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Better",
                table: "Boxes",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "Fix",
                table: "Boxes",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "Measure",
                table: "Boxes",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "Stop",
                table: "Boxes",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.CreateTable(
                name: "Photos",
                columns: table => new
                {
                    JobId = table.Column<string>(type: "TEXT", nullable: false),
                    Sha = table.Column<string>(type: "TEXT", nullable: false),
                    Bytes = table.Column<byte[]>(type: "BLOB", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Photos", x => new { x.JobId, x.Sha });
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Photos");

            migrationBuilder.DropColumn(
                name: "Better",
                table: "Boxes");

            migrationBuilder.DropColumn(
                name: "Fix",
                table: "Boxes");

            migrationBuilder.DropColumn(
                name: "Measure",
                table: "Boxes");

            migrationBuilder.DropColumn(
                name: "Stop",
                table: "Boxes");
        }
    }
}
